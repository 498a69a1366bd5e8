import { bag } from "./bag";
import { bagService } from "./bagService";
import { batch } from "./batch";
import { batchEnd } from "./batchEnd";
import { blend } from "./blend";
import { charge } from "./charge";
import { cleanOut } from "./cleanOut";
import { coldJar } from "./coldJar";
import { cup } from "./cup";
import { cupTest } from "./cupTest";
import { darkTest } from "./darkTest";
import { dip } from "./dip";
import { displace } from "./displace";
import { dispose } from "./dispose";
import { disturbed } from "./disturbed";
import { drawOff } from "./drawOff";
import { dried } from "./dried";
import { fill } from "./fill";
import { filterRun } from "./filterRun";
import { fining } from "./fining";
import { fluid } from "./fluid";
import { fuelTest } from "./fuelTest";
import { jar } from "./jar";
import { line } from "./line";
import { move } from "./move";
import { opening } from "./opening";
import { photo } from "./photo";
import { pickup } from "./pickup";
import { place } from "./place";
import { price } from "./price";
import { purchase } from "./purchase";
import { react } from "./react";
import { recipe } from "./recipe";
import { recover } from "./recover";
import { retire } from "./retire";
import { rigTest } from "./rigTest";
import { round } from "./round";
import { roundEnd } from "./roundEnd";
import { service } from "./service";
import { settings } from "./settings";
import { source } from "./source";
import { spin } from "./spin";
import { split } from "./split";
import { stage } from "./stage";
import { stockTake } from "./stockTake";
import { titration } from "./titration";
import { trial } from "./trial";
import { trip } from "./trip";
import { vehicle } from "./vehicle";
import { vessel } from "./vessel";
import { visit } from "./visit";
import { voiding } from "./void";
import { walkDown } from "./walkDown";
import { washing } from "./washing";
import { waterTest } from "./waterTest";
import { weather } from "./weather";
import { witness } from "./witness";

/** Every kind of entry there is. A new one is its file and a line here; all else follows. */
export const KIND_LIST = [
  settings,
  vessel,
  source,
  bag,
  line,
  vehicle,
  place,
  fluid,
  recipe,
  batch,
  photo,
  retire,
  weather,
  price,
  opening,
  pickup,
  visit,
  round,
  roundEnd,
  purchase,
  move,
  drawOff,
  dip,
  jar,
  disturbed,
  waterTest,
  fining,
  spin,
  displace,
  cleanOut,
  cup,
  cupTest,
  coldJar,
  darkTest,
  trial,
  filterRun,
  bagService,
  blend,
  fill,
  trip,
  rigTest,
  service,
  walkDown,
  titration,
  stage,
  charge,
  react,
  split,
  washing,
  dried,
  fuelTest,
  recover,
  witness,
  batchEnd,
  dispose,
  stockTake,
  voiding,
] as const;
