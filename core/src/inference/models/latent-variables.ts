/** Hidden values by name, in the order in which they were first asked for, each with its deviation before anything is seen. */
export interface LatentVariable {
  readonly deviations: readonly number[];
  readonly names: readonly string[];
  of(name: string, deviation: number): number;
  /** Its place, or null when nothing stands on it. */
  find(name: string): number | null;
}

export function latentValues(): LatentVariable {
  const places = new Map<string, number>();
  const deviations: number[] = [];
  const names: string[] = [];
  return {
    deviations,
    names,
    of: (name, deviation) => {
      const there = places.get(name);
      if (there !== undefined) return there;
      places.set(name, deviations.length);
      names.push(name);
      return deviations.push(deviation) - 1;
    },
    find: (name) => places.get(name) ?? null,
  };
}
