import type { LogEntry } from '@mardle/contract';
import { logFile, tastingWords } from '@mardle/core';

/** The log as a file that the command line reads; ids are the bakes' own. */
export const textOfLog = (bakes: readonly LogEntry[]): string => {
  const plain = bakes.map(
    ({
      pieId: _pie,
      pieVersion: _version,
      name: _name,
      bakedAt: _at,
      note: _note,
      version: _said,
      photo: _photo,
      ...bake
    }) => bake,
  );
  return `${JSON.stringify(logFile({ bakes: plain }))}\n`;
};

/** The log as a table for other programs: a row a bake, grams and minutes. */
export async function tableOfLog(bakes: readonly LogEntry[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  const minute = ({ events }: LogEntry, kind: string): number | null =>
    events.find((event) => event.kind === kind)?.atMin ?? null;
  return papa.unparse(
    bakes.map((bake) => ({
      baked: bake.bakedAt,
      pie: bake.name,
      oven: bake.oven,
      'first stage, C': bake.stages?.[0].tempC ?? null,
      'first stage, min': bake.stages?.[0].timeMin ?? null,
      'second stage, C': bake.stages?.[1].tempC ?? null,
      'second stage, min': bake.stages?.[1].timeMin ?? null,
      'bubbling, min': minute(bake, 'bubbling'),
      'golden, min': minute(bake, 'colour_golden'),
      'out, min': minute(bake, 'out'),
      'cooled, min': bake.tasting?.cooledMin ?? null,
      ...Object.fromEntries(
        (Object.keys(tastingWords) as (keyof typeof tastingWords)[]).map((question) => [
          question,
          bake.tasting?.[question] ?? null,
        ]),
      ),
      'thickener, g': bake.weighed.thickenerG,
      'sugar, g': bake.weighed.sugarG,
      'in, g': bake.weighed.inG,
      'out, g': bake.weighed.outG,
      'weep test, g': bake.weepDrainedG,
      saucer: bake.saucer,
      note: bake.note,
    })),
    // A note that begins like a sum is text, also in a spreadsheet.
    { escapeFormulae: true },
  );
}
