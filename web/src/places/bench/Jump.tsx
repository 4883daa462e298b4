import classes from './Bench.module.css';

/** Parts of the bench that lie below each other on a phone; ids on their plates. */
export const benchParts = { station: 'bench-station', pie: 'bench-pie', slip: 'bench-slip' } as const;
type BenchPart = keyof typeof benchParts;

const words: readonly (readonly [BenchPart, string])[] = [
  ['station', 'Station'],
  ['pie', 'Picture'],
  ['slip', 'Slip'],
];

/** Brings a part of the bench into view, where it is not. */
export function bringIntoView(part: BenchPart): void {
  document.getElementById(benchParts[part])?.scrollIntoView({ block: 'start' });
}

/** Brings the slip into view and lays the focus on its first line, from where `?` and the arrows go on. */
export function goToSlip(): void {
  bringIntoView('slip');
  document
    .getElementById(benchParts.slip)
    ?.querySelector<HTMLButtonElement>('button[aria-label$="Why?"]')
    ?.focus();
}

/** On a phone: each part of the bench one tap away. */
export function Jump() {
  return (
    <nav aria-label="On this bench" className={classes.jump}>
      {words.map(([part, word]) => (
        <button key={part} type="button" onClick={() => bringIntoView(part)}>
          {word}
        </button>
      ))}
    </nav>
  );
}
