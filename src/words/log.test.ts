import { DEMO_RECORDS } from '@/demo/records';
import { TRADE_UNITS } from './units';
import { logLesson } from '.';

test('the log’s lesson names the best setting and the commonest fault with its cause', () => {
  expect(logLesson(DEMO_RECORDS, TRADE_UNITS)).toMatch(
    /Best so far: 400 °F · 3 min on “Press with mug attachment”, 3 of 4 good\. Commonest fault: faded all over, 4 times; usually too cool/,
  );
});

test('too little is called too little', () => {
  expect(logLesson(DEMO_RECORDS.slice(0, 1), TRADE_UNITS)).toMatch(/^Too few/);
});
