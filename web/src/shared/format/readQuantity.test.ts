import { readNumber, readQuantity } from './readQuantity.js';

const grams = (text: string): number | null => readQuantity(text, 'g', (typed) => typed);

/** What the examination of the bench found misread; exact by the definitions of pound, ounce, inch, cup. */
describe('what bakers type', () => {
  it.each([
    ['1.5', 1.5],
    ['1,5', 1.5],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['4½', 4.5],
    ['⅔', 2 / 3],
    ['-18', -18],
  ])('%s is %d', (text, number) => {
    expect(readNumber(text)).toBeCloseTo(number, 9);
  });

  it.each([[''], ['two'], ['1/0'], ['1.2.3'], ['1 2'], ['--1'], ['1/2/3']])('%s is no number', (text) => {
    expect(readNumber(text)).toBeNull();
  });

  it.each([
    ['750', 750],
    ['1.5 kg', 1500],
    ['1,5 kg', 1500],
    ['1.5kg', 1500],
    ['2 lb', 907.18],
    ['2 pounds', 907.18],
    ['1 lb 4 oz', 566.99],
    ['1 lb, 4 oz', 566.99],
    ['12 oz.', 340.19],
    ['1/2 lb', 226.8],
    ['1½ kg', 1500],
    ['500 grams', 500],
    ['about 700 g', 700],
    ['two pounds', 907.18],
    ['1,300 g', 1300],
    ['half a pound', 226.8],
    ['a kilo', 1000],
    ['1 stick', 113],
    ['half a stick', 56.5],
  ])('%s is %d g', (text, massG) => {
    expect(grams(text)).toBeCloseTo(massG, 1);
  });

  it.each([
    ['9 in', 22.86],
    ['9"', 22.86],
    ['9 1/2 inches', 24.13],
    ['23 cm', 23],
    ['230 mm', 23],
  ])('%s is %d cm', (text, lengthCm) => {
    expect(readQuantity(text, 'cm', (typed) => typed)).toBeCloseTo(lengthCm, 6);
  });

  it.each([
    ['4 1/2 cups', 4.5 * 150],
    ['half a cup', 75],
    ['a quarter of a cup', 37.5],
    ['three quarters of a cup', 112.5],
    ['2 cups and 2 tbsp', 2 * 150 + 18.75],
  ])('%s of a fruit that weighs 150 g a cup is %d g', (text, massG) => {
    // The cup of the weights: 240 mL, as the trade has it.
    expect(readQuantity(text, 'g', (typed) => typed, 150)).toBeCloseTo(massG, 6);
    expect(grams(text)).toBeNull();
  });

  it.each([
    ['1 h 10 min', 70],
    ['1h10', null],
    ['an hour', 60],
    ['half an hour', 30],
  ])('%s is %s min', (text, minutes) => {
    expect(readQuantity(text, 'min', (typed) => typed)).toEqual(
      minutes === null ? null : expect.closeTo(minutes, 6),
    );
  });

  it.each([
    ['gas 5', 190],
    ['Gas Mark 1/2', 130],
    ['gas 12', null],
    ['350 F', 176.67],
    ['350°F', 176.67],
    ['180 °C', 180],
    ['180', 180],
  ])('%s is %s C', (text, tempC) => {
    expect(readQuantity(text, 'C', (typed) => typed)).toEqual(
      tempC === null ? null : expect.closeTo(tempC, 1),
    );
  });

  it.each([
    ['3 tbsp', 44.36],
    ['1 cup', 236.6],
    ['250 ml', 250],
  ])('%s is %d mL', (text, volumeMl) => {
    expect(readQuantity(text, 'mL', (typed) => typed)).toBeCloseTo(volumeMl, 1);
  });

  it('1 h 20 min is eighty minutes', () => {
    expect(readQuantity('1 h 20 min', 'min', (typed) => typed)).toBeCloseTo(80, 6);
  });

  it('a bare number is in the unit of the field', () => {
    expect(readQuantity('2', 'g', (ounces) => ounces * 28.35)).toBeCloseTo(56.7, 6);
    expect(readQuantity('2 kg', 'g', (ounces) => ounces * 28.35)).toBeCloseTo(2000, 6);
  });

  it.each([['a handful'], ['2 lb of'], ['3 cups'], ['5 cm'], ['2 moons'], ['lb 2'], ['2 kg 3']])(
    '%s is no mass, and nothing is guessed',
    (text) => {
      expect(grams(text)).toBeNull();
    },
  );
});
