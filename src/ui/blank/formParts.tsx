'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { keysOf } from '@/core/keys';
import type { FormKind, FormOf } from '@/core/form';

/** What the interface needs of a form of blank. */
interface FormParts<K extends FormKind> {
  /** The trade's word for it. */
  readonly label: string;
  /** The fields of what is measured, loaded where it is measured: a list of blanks needs none. */
  readonly Measures: ComponentType<{ form: FormOf<K> }>;
  /** Outline of the thing, in a drawing 120 × 76, and where the tape goes on it. */
  readonly thing: string;
  readonly tape: string;
  /** Where and how the tape is laid. */
  readonly says: string;
}

const StraightMeasures = dynamic<{ form: FormOf<'straight-wrap'> }>(() =>
  import('./CupMeasures').then((cup) => cup.CupMeasures),
);
const TaperedMeasures = dynamic<{ form: FormOf<'tapered-wrap'> }>(() =>
  import('./CupMeasures').then((cup) => cup.CupMeasures),
);
const PanelMeasures = dynamic(() => import('./FlatMeasures').then((flat) => flat.PanelMeasures));
const DiscMeasures = dynamic(() => import('./FlatMeasures').then((flat) => flat.DiscMeasures));
const OutlineMeasures = dynamic(() =>
  import('./FlatMeasures').then((flat) => flat.OutlineMeasures),
);
const GarmentMeasures = dynamic(() =>
  import('./WornMeasures').then((worn) => worn.GarmentMeasures),
);
const SockMeasures = dynamic(() => import('./WornMeasures').then((worn) => worn.SockMeasures));

/** Every form of blank as the interface shows it. */
export const FORM_PARTS: { readonly [K in FormKind]: FormParts<K> } = {
  'straight-wrap': {
    label: 'Straight mug or tumbler',
    Measures: StraightMeasures,
    thing: 'M38 14h38v50H38z M76 26q20 12 0 26',
    tape: 'M34 40q23 14 46 0 M28 14v50',
    says: 'Soft tape once round, level; then the straight part of the wall, from under the rim to above the foot.',
  },
  'tapered-wrap': {
    label: 'Tapered cup',
    Measures: TaperedMeasures,
    thing: 'M30 12h54l-9 52H39z',
    tape: 'M30 17q27 12 54 0 M39 58q18 9 36 0 M92 13l-9 51',
    says: 'Round just under the rim, round just above the foot, and along the slanting wall.',
  },
  panel: {
    label: 'Panel',
    Measures: PanelMeasures,
    thing: 'M28 10h64v56H28z',
    tape: 'M28 72h64 M22 10v56',
    says: 'Inside the hems, at both ends: cloth is seldom square, and seldom the size it is sold as.',
  },
  disc: {
    label: 'Disc',
    Measures: DiscMeasures,
    thing: 'M60 8a30 30 0 1 0 .1 0z M60 13a4 4 0 1 0 .1 0z',
    tape: 'M30 38h60 M64 8v6',
    says: 'Straight across through the middle; from the edge to the near edge of the hole.',
  },
  outline: {
    label: 'Own outline',
    Measures: OutlineMeasures,
    thing: 'M60 8l26 28-26 32-26-32z',
    tape: 'M34 72h52 M28 8v60',
    says: 'Scan or draw it in real units; check one width with the tape afterwards.',
  },
  garment: {
    label: 'Garment',
    Measures: GarmentMeasures,
    thing: 'M42 12q18 12 36 0l22 12-8 16-12-6v34H40V34l-12 6-8-16z',
    tape: 'M40 44h40 M60 18v50',
    says: 'Laid flat: straight across under the arms; from the top of the shoulder to the hem; neck opening.',
  },
  socks: {
    label: 'Pair of socks',
    Measures: SockMeasures,
    thing: 'M50 8h20v36l14 10q6 12-8 12H58q-8 0-8-10z',
    tape: 'M46 26h28 M44 8v58',
    says: 'Over its insert: across the flat, and from cuff to toe.',
  },
};

/** The kinds of forms, in the order they are offered. */
export const FORM_KINDS = keysOf(FORM_PARTS);
