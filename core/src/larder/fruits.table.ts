/**
 * Composition is % of the edible mass. `tables`: standard food composition tables (USDA Standard Reference, McCance &
 * Widdowson, Souci-Fachmann-Kraut), from memory. `release_firm` and `release_ripe` are the share of the fruit's water that
 * ends free when it is baked from raw: `estimate`, ours, held against facts of the trade; a negative one is grams of juice
 * that a gram of dried fruit drinks. `body`: the fruit's own pectin as g of corn starch per 100 g of syrup, `estimate`.
 */
export const fruitComposition = `
id,water_pct,sugars_pct,juice_brix,acid_pct,ph,pectin_class,body_g_per_100g,release_firm,release_ripe,release_spread,collapse,firms_at_71c,source_composition,source_release
apple_firm_tart,85.9,9.9,12.2,.80,3.25,2,.8,.20,.34,0.20,.56,1,tables,estimate
apple_firm_sweet,84.9,11.3,13.6,.35,3.7,2,.7,.16,.28,0.20,.62,1,tables,estimate
apple_soft,85.8,10.6,12.6,.55,3.4,2,2,.26,.42,0.20,.48,0,tables,estimate
apple_mixed,85.5,10.6,12.8,.55,3.4,2,.8,.20,.34,0.22,.57,1,tables,estimate
pear_firm,84.5,9.5,12.8,.25,4,1,.4,.20,.35,0.20,.75,1,tables,estimate
pear_ripe,83.9,9.8,14,.2,4.2,1,.4,.35,.55,0.20,.66,0,tables,estimate
quince,83.8,8.9,13,1,3.3,3,1.2,.10,.18,0.20,.85,1,tables,estimate
sour_cherry,86.1,8.5,13,1.4,3.3,0,.2,.42,.58,0.20,.80,1,tables,estimate
sweet_cherry,82.3,12.8,16.3,.65,3.9,0,.2,.33,.50,0.20,.82,1,tables,estimate
plum,87.2,9.9,11.8,1.1,3.25,1,.6,.38,.58,0.22,.72,0,tables,estimate
damson,82,9,14,2.2,3,3,1.1,.38,.55,0.20,.75,0,tables,estimate
greengage,83.5,11.2,14.8,1,3.4,2,.8,.36,.55,0.20,.74,0,tables,estimate
apricot,86.4,9.2,12.3,1.2,3.5,1,.5,.35,.58,0.20,.72,0,tables,estimate
peach,88.9,8.4,10.2,.6,3.7,1,.4,.42,.62,0.20,.70,1,tables,estimate
nectarine,87.6,7.9,10.8,.7,3.7,1,.4,.38,.58,0.20,.72,1,tables,estimate
blueberry,84.2,10,12.3,.55,3.3,1,.4,.45,.62,0.20,.78,0,tables,estimate
bilberry,85,8,11,.95,3.1,1,.5,.52,.68,0.20,.70,0,tables,estimate
blackberry,88.2,4.9,8.6,1.1,3.3,1,.5,.48,.66,0.20,.66,0,tables,estimate
raspberry,85.8,4.4,9,1.5,3.25,1,.5,.55,.72,0.20,.52,0,tables,estimate
strawberry,91,4.9,7.8,.85,3.45,0,.2,.58,.75,0.20,.64,1,tables,estimate
gooseberry_green,88.8,3,7.5,2.4,2.95,3,1.2,.48,.62,0.20,.68,0,tables,estimate
gooseberry_ripe,87.9,7.5,10,1.6,3.1,2,.9,.52,.68,0.22,.64,0,tables,estimate
redcurrant,84,7.4,11,2.3,2.95,3,1.2,.58,.75,0.20,.60,0,tables,estimate
whitecurrant,84.5,7.2,11,2,3.05,3,1.1,.58,.75,0.20,.60,0,tables,estimate
blackcurrant,82,7.8,13,3,2.95,3,1.2,.48,.65,0.20,.66,0,tables,estimate
cranberry,87.3,4.3,8.3,2.4,2.55,3,1.2,.40,.55,0.20,.62,0,tables,estimate
lingonberry,86,7,10.5,2.1,2.75,2,.9,.45,.60,0.20,.66,0,tables,estimate
rhubarb,93.6,1.1,4.2,1.5,3.15,0,.6,.55,.72,0.20,.49,0,tables,estimate
mulberry,87.7,8.1,10.6,.6,3.8,0,.2,.52,.70,0.20,.60,0,tables,estimate
boysen_logan,85.8,6.5,10,1.6,3.15,1,.5,.52,.70,0.20,.58,0,tables,estimate
serviceberry,80,11,15,.5,3.9,1,.5,.38,.54,0.20,.78,0,tables,estimate
elderberry,79.8,7.5,11.5,1.1,3.9,0,.3,.50,.66,0.20,.68,0,tables,estimate
grape_seedless,80.8,15.5,17.3,.65,3.5,1,.3,.48,.66,0.20,.70,0,tables,estimate
grape_slipskin,81.3,15,16.8,.95,3.3,1,.5,.60,.75,0.20,.60,0,tables,estimate
fig,79.1,16.3,17.8,.25,4.8,1,.5,.25,.42,0.20,.76,0,tables,estimate
mango,83.5,13.7,14.6,.45,4,1,.5,.28,.48,0.20,.76,0,tables,estimate
pineapple,86,9.9,12.4,.8,3.6,0,.2,.40,.52,0.20,.80,0,tables,estimate
kiwi,83.1,9,13,1.3,3.3,1,.3,.45,.65,0.20,.76,0,tables,estimate
banana,74.9,12.2,21.5,.35,5,1,1.5,.05,.12,0.20,.85,0,tables,estimate
raisin,15.4,62,80,1.8,3.8,0,.2,-.6,-.6,0.25,1.35,0,tables,estimate
dried_apricot,31,53,65,2.5,3.7,1,.6,-.8,-.8,0.25,1.55,0,tables,estimate
dried_apple,31,57,64,1,3.5,2,1,-1.6,-1.6,0.25,1.6,0,tables,estimate
prune,31,38,60,1.6,3.8,1,.8,-.5,-.5,0.25,1.25,0,tables,estimate
canned_sour_cherry,87.5,8.5,11.5,.95,3.4,0,.2,.12,.18,0.25,.92,0,tables,estimate
canned_peach,84,13.5,15,.35,3.8,1,.3,.10,.15,0.25,.93,0,tables,estimate
canned_pineapple,83.5,14.4,15.6,.6,3.6,0,.2,.12,.16,0.25,.94,0,tables,estimate
`;

/**
 * How a fruit is bought, counted and cut. `refuse` and `refuse_unpeeled` are shares of the mass as bought; `cup_g` is grams
 * of the prepared cut in 240 mL; minutes are hands at the bench per kg. Common practice, no source, but for cup weights
 * (`tables`). Hazards name rows of the care table.
 */
export const fruitHandling = `
id,label,group,piece,refuse,refuse_unpeeled,cup_g,pieces_per_kg,browns,prepare_min_per_kg,hazards,unsuited,source
apple_firm_tart,Firm tart apple,apple,cut,.22,0.1,110,5.4,1,10,,,tables; practice
apple_firm_sweet,Firm sweet apple,apple,cut,.22,0.1,110,5.4,1,10,,,tables; practice
apple_soft,Soft cooking apple,apple,cut,.22,0.1,112,5.6,1,10,,,tables; practice
apple_mixed,Mixed apples,apple,cut,.22,0.1,110,5.4,1,10,,,tables; practice
pear_firm,Firm pear,pear,cut,.22,0.1,140,5.6,1,10,,,tables; practice
pear_ripe,Ripe pear,pear,cut,.22,0.1,145,5.6,1,11,,,tables; practice
quince,Quince,pear,cut,.39,,125,4.3,1,18,poach,,tables; practice
sour_cherry,Sour cherry,stone fruit,opened,.14,,155,170,0,20,stone,,tables; practice
sweet_cherry,Sweet cherry,stone fruit,opened,.12,,154,130,0,20,stone,,tables; practice
plum,Plum,stone fruit,cut,.06,,165,15,0,8,stone,,tables; practice
damson,Damson,stone fruit,cut,.10,,165,67,0,16,stone,,tables; practice
greengage,Greengage,stone fruit,cut,.07,,165,33,0,12,stone,,tables; practice
apricot,Apricot,stone fruit,cut,.07,,155,25,1,7,stone,,tables; practice
peach,Peach,stone fruit,cut,.20,0.06,160,6.7,1,11,stone,,tables; practice
nectarine,Nectarine,stone fruit,cut,.09,,145,7.1,1,8,stone,,tables; practice
blueberry,Blueberry,berry,whole,.02,,148,630,0,3,,,tables; practice
bilberry,Bilberry,berry,whole,.03,,140,2500,0,5,,,tables; practice
blackberry,Blackberry,berry,whole,.03,,144,200,0,3,,,tables; practice
raspberry,Raspberry,berry,whole,.03,,123,250,0,2,,,tables; practice
strawberry,Strawberry,berry,cut,.06,,152,67,0,7,,,tables; practice
gooseberry_green,Green gooseberry,currant,whole,.09,,150,200,0,12,,,tables; practice
gooseberry_ripe,Ripe gooseberry,currant,whole,.09,,150,140,0,12,,,tables; practice
redcurrant,Redcurrant,currant,whole,.06,,112,2000,0,8,,,tables; practice
whitecurrant,Whitecurrant,currant,whole,.06,,112,2000,0,8,,,tables; practice
blackcurrant,Blackcurrant,currant,whole,.06,,112,1000,0,9,,,tables; practice
cranberry,Cranberry,berry,whole,.03,,100,830,0,2,,,tables; practice
lingonberry,Lingonberry,berry,whole,.03,,105,3300,0,3,,,tables; practice
rhubarb,Rhubarb,stalk,cut,.14,,122,18,0,6,rhubarb,,tables; practice
mulberry,Mulberry,berry,whole,.03,,140,400,0,3,,,tables; practice
boysen_logan,Loganberry,berry,whole,.03,,140,170,0,3,,,tables; practice
serviceberry,Serviceberry,berry,whole,.03,,145,1250,0,4,,,tables; practice
elderberry,Elderberry,berry,whole,.12,,145,6700,0,10,elderberry,,tables; practice
grape_seedless,Seedless grape,berry,whole,.04,,151,200,0,4,,,tables; practice
grape_slipskin,Slip-skin grape,berry,whole,.08,,150,200,0,18,,,tables; practice
fig,Fig,other,cut,.03,,165,20,0,5,,,tables; practice
mango,Mango,other,cut,.31,,165,2.9,0,12,,,tables; practice
pineapple,Pineapple,other,cut,.49,,165,.7,0,10,,,tables; practice
kiwi,Kiwi,other,cut,.12,,180,13,0,9,,"Kiwi goes grey and slimy in the oven; put it raw on a baked, cooled pie.",tables; practice
banana,Banana,other,cut,.36,,150,8.5,1,3,,"Banana turns grey and pasty when baked in a pie; lay it raw under a cold cream filling.",tables; practice
raisin,Raisin,dried,whole,0,,145,2000,0,1,sulphite,,tables; practice
dried_apricot,Dried apricot,dried,cut,0,,130,130,0,3,sulphite,,tables; practice
dried_apple,Dried apple,dried,cut,0,,86,200,0,2,sulphite,,tables; practice
prune,Prune,dried,cut,0,,174,110,0,4,sulphite;stone,,tables; practice
canned_sour_cherry,Canned sour cherry,canned,opened,0,,168,200,0,2,stone,,tables; practice
canned_peach,Canned peach,canned,cut,0,,170,,0,3,,,tables; practice
canned_pineapple,Canned pineapple,canned,cut,0,,180,,0,3,,,tables; practice
`;
