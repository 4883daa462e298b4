/** The source of a figure that bakers share and nobody published. */
export const PRACTICE = 'common practice, no source';
