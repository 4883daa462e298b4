import { byId, numberIn, readTable, textIn } from '../units/index.js';

/**
 * Potency is against corn starch by mass. `acid_rate` and `boil_rate_per_h` are how fast acid and boiling thin it;
 * `gelatinises_c` the temperature in plain water; `freeze_weep` the share of the held juice that a frozen and thawed gel
 * lets go. Estimates of ours from the trade's swap rules and the starch literature (Swinkels 1985; BeMiller & Whistler),
 * from memory.
 */
const table = `
id,label,potency_spoonable,potency_gel,acid_rate,boil_rate_per_h,gelatinises_c,tablespoon_g,freeze_weep,stringy,contains,how,source,kind
corn_starch,Corn starch,1,1,1,.05,70,8,.25,0,,Toss it dry with the sugar or stir it into cold liquid; never into hot juice.,definition,starch
plain_flour,Plain flour,.5,.5,.9,.05,64,8,.15,0,wheat,Toss with the sugar; it clouds the juice and tastes a little pasty.,estimate,starch
quick_tapioca,Quick tapioca,.9,.8,1.1,.25,65,10.5,.10,1,,Stir it in and let it stand 15 minutes in the juice; keep it under pastry or it stays hard.,estimate,starch
tapioca_starch,Tapioca starch,1.1,.8,1.3,.45,65,7.5,.12,1,,Toss it dry with the sugar; clear and soft and a little stringy.,estimate,starch
potato_starch,Potato starch,1.5,.75,1.6,.6,62,10.5,.25,1,,Stir it into cold liquid; do not boil it long.,estimate,starch
arrowroot,Arrowroot,1.15,.8,1.3,.5,67,8,.20,1,,Stir it into cold liquid; clear; do not boil it long.,estimate,starch
clear_modified_starch,Clear modified starch,1.2,.9,.1,0,66,8,.02,0,,Toss with the sugar; it stands acid and boiling and the freezer.,estimate,starch
rice_flour,Rice flour,.6,.6,.9,.05,72,10,.12,0,,Toss with the sugar; clouds the juice.,estimate,starch
semolina,Semolina,.45,.5,.9,.05,64,10.5,.15,0,wheat,Strew it under the fruit; grainy unless it bakes through.,estimate,starch
pectin,Pectin,4,4,0,0,20,9,0,0,,Whisk it dry into the sugar or it lumps; it lets the starch be cut.,memory,pectin
gelatine,Gelatine,2.8,2.5,0,0,20,9,.05,0,,Soak it in cold water; melt it in the warm glaze; never boil it.,memory,gelatine
`;

const sourceWords: Readonly<Record<string, string>> = {
  definition: 'the reference that the others are measured against',
  estimate: 'our estimate from swap rules of the trade and starch literature, from memory',
  memory:
    'high-methoxyl pectin below its own set counts as body, 1 g as 4 g of corn starch; gelatine of 200 bloom 1.9 g per 100 g of liquid for a slice; both from memory',
};

export interface Thickener {
  readonly id: string;
  readonly label: string;
  readonly potencySpoonable: number;
  readonly potencyGel: number;
  readonly acidRate: number;
  readonly boilRatePerH: number;
  readonly gelatinisesC: number;
  readonly tablespoonG: number;
  readonly freezeWeep: number;
  /** Root and waxy starches stay long and stringy: they never make a hand-held set by themselves. */
  readonly stringy: boolean;
  readonly contains: string | null;
  readonly how: string;
  /** Only starch is weakened by sugar; gelatine melts in the oven and serves unbaked fillings alone. */
  readonly kind: 'starch' | 'pectin' | 'gelatine';
  readonly source: string;
}

export const builtInThickeners: ReadonlyMap<string, Thickener> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    potencySpoonable: numberIn(row, 'potency_spoonable'),
    potencyGel: numberIn(row, 'potency_gel'),
    acidRate: numberIn(row, 'acid_rate'),
    boilRatePerH: numberIn(row, 'boil_rate_per_h'),
    gelatinisesC: numberIn(row, 'gelatinises_c'),
    tablespoonG: numberIn(row, 'tablespoon_g'),
    freezeWeep: numberIn(row, 'freeze_weep'),
    stringy: numberIn(row, 'stringy') === 1,
    contains: textIn(row, 'contains') || null,
    how: textIn(row, 'how'),
    kind: textIn(row, 'kind') as Thickener['kind'],
    source: sourceWords[textIn(row, 'source')] ?? '',
  })),
);
