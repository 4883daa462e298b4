import classes from './CrossSection.module.css';
import { baseCrustPath, capAt } from './geometry.js';
import type { Section } from './section-shape.js';

/** A wall of pastry that is folded over the fruit and lies on it; it sinks as the fruit does. */
function FoldedDisc({ section, colour }: Pick<HolderProps, 'section' | 'colour'>) {
  const { profile, crustCm, edgeCm, moundCm, openCm } = section;
  const half = profile.topCm / 2;
  const reach = openCm / 2;
  const restsCm = edgeCm + capAt(half, moundCm, reach) + crustCm / 2;
  const wallCm = Math.min(profile.depthCm, restsCm + 1.1);
  const side = (sign: number): string =>
    `M0 ${-crustCm / 2}H${sign * half}Q${sign * (half + 0.4)} ${-wallCm * 0.55} ${sign * (half - 0.3)} ${-wallCm}Q${sign * (half - 0.8)} ${-wallCm - 0.15} ${sign * reach} ${-restsCm}`;
  const d = side(-1) + side(1);
  return (
    <>
      <path d={d} className={classes.fold} strokeWidth={crustCm + 0.12} />
      <path d={d} className={classes.fold} strokeWidth={crustCm} style={{ stroke: colour }} />
    </>
  );
}

interface HolderProps {
  readonly section: Section;
  /** Across the sheet that a pie without a dish lies on, cm. */
  readonly sheetCm: number;
  readonly colour: string;
  /** Of the pastry on the rim, which browns with the top. */
  readonly rimColour: string;
}

/** The pastry under the fruit. */
export function BaseCrust({ section, colour, rimColour }: Omit<HolderProps, 'sheetCm'>) {
  const { profile, crustCm, lined, rimCm, filled } = section;
  if (!lined) return null;
  const half = profile.topCm / 2;
  if (filled === 'sheet') return <FoldedDisc section={section} colour={rimColour} />;
  const d =
    filled === 'dish'
      ? baseCrustPath(profile, crustCm, rimCm)
      : `M${-half - rimCm} 0H${half + rimCm}V${-crustCm}H${-half - rimCm}Z`;
  const y = -profile.depthCm;
  const rim = [-1, 1]
    .map(
      (sign) =>
        `M${sign * (half - crustCm)} ${y}H${sign * (half + rimCm)}V${y - crustCm}H${sign * (half - crustCm)}Z`,
    )
    .join('');
  return (
    <>
      <path d={d} className={classes.crust} fill={colour} />
      {filled === 'dish' && <path d={rim} className={classes.crust} fill={rimColour} />}
    </>
  );
}

/** The dish, or the sheet with its low edge. */
export function Holder({ section, sheetCm }: Pick<HolderProps, 'section' | 'sheetCm'>) {
  const { profile, filled, halfWidthCm } = section;
  const { topCm, baseCm, depthCm } = profile;
  if (filled === 'dish') {
    return (
      <path
        d={`M${-topCm / 2 - 1} ${-depthCm}L${-topCm / 2} ${-depthCm}L${-baseCm / 2} 0L${baseCm / 2} 0L${topCm / 2} ${-depthCm}L${topCm / 2 + 1} ${-depthCm}`}
        className={classes.dish}
      />
    );
  }
  const half = Math.min(sheetCm / 2, halfWidthCm - 0.6);
  return <path d={`M${-half - 0.3} -.9L${-half} .12H${half}L${half + 0.3} -.9`} className={classes.dish} />;
}
