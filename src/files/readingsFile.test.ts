import { readReadings, writePlaces } from './readingsFile';

const good = (text: string, unit: '°C' | '°F' = '°C') => {
  const read = readReadings(text, unit);
  if (!read.ok) throw new Error(read.reason);
  return read.value;
};

test('places in inches and °F, columns in any order, decimal commas', () => {
  const { places } = good('plate_F;x (in);display_F;y (in)\n392;1;400;0,5\n410;2;400;3');
  expect(places).toHaveLength(2);
  expect(places[0]?.xMm).toBeCloseTo(25.4, 9);
  expect(places[0]?.yMm).toBeCloseTo(12.7, 9);
  expect(places[0]?.plateC).toBeCloseTo(200, 9);
  expect(places[1]?.displayC).toBeCloseTo(204.444, 3);
});

test('a list without headings is a pressing in the unit of the display', () => {
  expect(good('0; 400\n20; 388', '°F').pressing[1]?.plateC).toBeCloseTo(197.78, 2);
  expect(good('0, 200\n20, 190.5').pressing).toEqual([
    { s: 0, plateC: 200 },
    { s: 20, plateC: 190.5 },
  ]);
});

test('minutes and seconds written by hand count from the closing on', () => {
  const read = readReadings('0:10; 300\n1:30; 390', '°F');
  expect(read.ok && read.value.pressing.map(({ s }) => s)).toEqual([10, 90]);
});

test.each([
  ['Time (s),Temperature (°C)\n0,25\n10,60.5'],
  ['No.;Time;Temp. [°C]\n1;00:00:00;25,0\n2;00:00:10;60,5'],
  ['Date,Time,T1\n2026-11-01,11:59:55 AM,25\n2026-11-01,12:00:05 PM,60.5'],
  ['# plate of the small press\nmin;temp\n0;25\n0,1666666667;60,5'],
  ['Seconds,Temperature (deg C)\n0,25\n10,60.5'],
  ['sep=;\nelapsed time s;plate;T2\n0;25;30\n10;60,5;66'],
])('%# what thermometers log is a pressing: from its first moment on, in s and °C', (text) => {
  const [first, second, ...more] = good(text).pressing;
  expect(first).toEqual({ s: 0, plateC: 25 });
  expect(second?.s).toBeCloseTo(10, 6);
  expect(second?.plateC).toBe(60.5);
  expect(more).toEqual([]);
});

test('degrees that say no unit are the person’s', () => {
  expect(good('s,temp\n0,392', '°F').pressing[0]?.plateC).toBeCloseTo(200, 9);
  expect(good('s,temp_C\n0,200', '°F').pressing[0]?.plateC).toBe(200);
});

test('what is written is read again', () => {
  const { places } = good('x_mm,y_mm,display_C,plate_C\n12.5,40,200,193.25');
  expect(good(writePlaces({ places, pressing: [] })).places).toEqual(places);
});

test.each([
  ['x_mm,y_mm,display_C,plate_C\n1,2,200,hot', /Line 2: “hot”/],
  ['0; 400\n20; 9000', /Line 2: “9000”/],
  ['a,b\n1,2', /must name its columns/],
  ['s (hours),plate_C\n1,200', /must name its columns/],
  ['time,plate_C\n12:00:10,200\n12:00:00,200', /Line 3: “12:00:00”/],
  ['', /no reading/],
  ['s,plate_C\n'.padEnd(200_001, '1'), /200000 letters/],
  [`s,plate_C\n${'1,200\n'.repeat(2001)}`, /2001 readings; at most 2000/],
  ['s,plate_C\n=1+1,200', /Line 2/],
])('%# is refused with its line and figure', (text, why) => {
  const read = readReadings(text, '°F');
  expect(!read.ok && read.reason).toMatch(why);
});
