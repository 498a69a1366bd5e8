export class Lanes {
  enter(url: string, go: (leave: () => void) => void): void;
}
