export enum Outcome {
  Converged = 0,
  MaxStepsExceeded = 1,
  EarlyReturn = 2,
}

export class Solver {
  constructor(dimension: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  initialStepSize: number;
  solve(
    f: (x: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { y: number[]; outcome: Outcome; nStep: number };
}
