/** So many of one path are under way at once: each costs the only thread some milliseconds before it is even looked at. */
const AT_ONCE = 10;

/** Requests of one path queue behind each other and never before those of another: hundreds of one question hold up none else. */
export class Lanes {
  #lanes = new Map();

  /** Calls `go` when there is room in the lane of this address; it calls `leave`, once, when it is done. */
  enter(url, go) {
    const path = url.split("?")[0];
    const lane = this.#lanes.get(path) ?? { open: 0, waiting: [] };
    this.#lanes.set(path, lane);
    if (lane.open < AT_ONCE) this.#go(path, lane, go);
    else lane.waiting.push(go);
  }

  #go(path, lane, go) {
    lane.open += 1;
    let isIn = true;
    go(() => {
      if (!isIn) return;
      isIn = false;
      lane.open -= 1;
      const next = lane.waiting.shift();
      if (next) this.#go(path, lane, next);
      else if (lane.open === 0) this.#lanes.delete(path);
    });
  }
}
