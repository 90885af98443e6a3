import * as z from 'zod/mini';
import { numberIn } from './schema';

/** Longest length anything on a home crafter's table can have, mm; keeps hostile files bounded. */
export const MAX_LENGTH_MM = 5000;
/** Smallest size a thing can have, mm: finer than a home printer, blade or tape shows. */
export const LEAST_SIZE_MM = 0.1;

/** An identity: safe in file names and addresses. */
export const idSchema = z
  .string()
  .check(
    z.minLength(1),
    z.maxLength(80),
    z.regex(/^(?!\.+$)[\w.:-]+$/, 'letters, digits and . : - _ only, and not dots alone'),
  );
/** What the person calls something. */
export const nameSchema = z.string().check(z.trim(), z.minLength(1), z.maxLength(120));
/** A length, mm, 0 or more. */
export const lengthSchema = numberIn(0, MAX_LENGTH_MM);
/** A length up to so much, mm. */
export const lengthTo = (mostMm: number) => numberIn(0, mostMm);
/** A length that must leave something, mm. */
export const positiveLengthSchema = numberIn(LEAST_SIZE_MM, MAX_LENGTH_MM);
/** A distance either way, mm. */
export const offsetSchema = numberIn(-MAX_LENGTH_MM, MAX_LENGTH_MM);
/** A moment (ISO 8601, UTC). */
export const timestampSchema = z.iso.datetime();
/** A SHA-256 in hexadecimal. */
export const sha256Schema = z
  .string()
  .check(z.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in lower-case hex'));
/** A colour as #rrggbb. */
export const colourSchema = z.string().check(z.regex(/^#[0-9a-f]{6}$/, 'a colour like #1f2a44'));

/** Where a preset figure comes from; shown next to the figure wherever it is used. */
export const originSchema = z.enum([
  'common practice',
  'from memory',
  'measured',
  'own setting',
  'standard',
  "maker's sheet",
  'own log',
]);
/** Where figures come from. */
export type Origin = z.infer<typeof originSchema>;
