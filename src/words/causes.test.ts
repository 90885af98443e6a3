import { EVIDENCE } from '@/core/log';
import { CAUSE_IDS } from '@/core/model';
import { CAUSE_WORDS, shareWords } from './causes';
import { EVIDENCE_WORDS, evidenceName } from './evidence';

test('every cause says how to tell and what to do; everything seen is a question', () => {
  for (const id of CAUSE_IDS)
    for (const words of Object.values(CAUSE_WORDS[id])) expect(words.length).toBeGreaterThan(3);
  for (const id of EVIDENCE) expect(EVIDENCE_WORDS[id]).toMatch(/\?$/);
  expect(evidenceName('lifted-hot')).toBe('did the paper come off while it was hot');
  expect(new Set(CAUSE_IDS.map((id) => CAUSE_WORDS[id].name)).size).toBe(CAUSE_IDS.length);
});

test('shares are told roughly', () => {
  expect([0.9, 0.5, 0.2, 0.05].map((share) => shareWords({ share }))).toEqual([
    ...['very likely', 'likely', 'possible', 'less likely'],
  ]);
});
