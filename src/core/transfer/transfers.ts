import type { Printer, Substrate, TransferKind } from '../model';

/** What a kind of transfer demands. Figures and rules: common practice. */
export interface Transfer {
  readonly kind: TransferKind;
  readonly label: string;
  /** Whether the print must be the mirror image of the finished thing. */
  readonly mirrored: boolean;
  /** Which way the image lies when pressed. */
  readonly imageSide: 'face to the blank' | 'face up';
  readonly ink: Printer['ink'];
  readonly inkReason: string;
  readonly coating: Substrate['coating'];
  /** Dyes are transparent: the blank's colour multiplies every colour. */
  readonly transparent: boolean;
}

/** Every kind of transfer the app knows, as data. */
export const TRANSFERS: Record<TransferKind, Transfer> = {
  sublimation: {
    kind: 'sublimation',
    label: 'Sublimation print',
    mirrored: true,
    imageSide: 'face to the blank',
    ink: 'sublimation',
    inkReason:
      'only sublimation ink turns to gas and goes into the coating; other ink washes off or burns',
    coating: 'dye-receptive',
    transparent: true,
  },
};
