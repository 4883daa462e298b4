/** What the record of a bake may hold, wherever it stands: in a request, in a kitchen's file or in a log. Temperatures in C. */
export const bakeRecordLimits = {
  events: 5000,
  readings: 100_000,
  /** A wire that slipped out or broke reads almost anything: it is kept as it was, and judged later. */
  probeC: { least: -300, most: 2000 },
} as const;
