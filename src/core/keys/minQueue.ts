/** A binary heap: the item of least priority value comes out first. */
export class MinQueue<Item> {
  private readonly heap: { item: Item; priority: number }[] = [];

  get size(): number {
    return this.heap.length;
  }

  push(item: Item, priority: number): void {
    const entry = { item, priority };
    let at = this.heap.push(entry) - 1;
    while (at > 0) {
      const parentAt = (at - 1) >> 1;
      const parent = this.heap[parentAt];
      if (!parent || parent.priority <= priority) break;
      this.heap[at] = parent;
      at = parentAt;
    }
    this.heap[at] = entry;
  }

  pop(): Item | undefined {
    const top = this.heap[0];
    const last = this.heap.pop();
    if (!top || !last) return undefined;
    if (this.heap.length > 0) this.sink(last);
    return top.item;
  }

  private sink(entry: { item: Item; priority: number }): void {
    let at = 0;
    for (;;) {
      const leftAt = 2 * at + 1;
      const left = this.heap[leftAt];
      const right = this.heap[leftAt + 1];
      const child = right && left && right.priority < left.priority ? right : left;
      if (!child || child.priority >= entry.priority) break;
      this.heap[at] = child;
      at = child === left ? leftAt : leftAt + 1;
    }
    this.heap[at] = entry;
  }
}
