import classes from './CrossSection.module.css';
import { baseCrustPath } from './geometry.js';
import type { Section } from './section.js';

interface HolderProps {
  readonly section: Section;
  /** Across the sheet that a pie without a dish lies on, cm. */
  readonly sheetCm: number;
  readonly colour: string;
}

/** The pastry under the fruit. */
export function BaseCrust({ section, colour }: Omit<HolderProps, 'sheetCm'>) {
  const { profile, crustCm, lined, rimCm, filled } = section;
  if (!lined) return null;
  const half = profile.topCm / 2;
  const d =
    filled === 'dish'
      ? baseCrustPath(profile, crustCm, rimCm)
      : filled === 'parcel'
        ? `M${-half - rimCm} 0H${half + rimCm}V${-crustCm}H${-half - rimCm}Z`
        : // A free-form's wall stands up from its base.
          `M${-half} 0H${half}V${-profile.depthCm - crustCm}H${half - crustCm}V${-crustCm}H${-half + crustCm}V${-profile.depthCm - crustCm}H${-half}Z`;
  return <path d={d} className={classes.crust} fill={colour} />;
}

/** The dish, or the sheet with its low edge. */
export function Holder({ section, sheetCm }: Omit<HolderProps, 'colour'>) {
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
