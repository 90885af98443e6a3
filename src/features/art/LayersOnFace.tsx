'use client';

import { useId } from 'react';
import type { Face } from '@/core/form';
import { inverse, mapRegion, pathData } from '@/core/geometry';
import { piecesOfItem, type Slot } from '@/core/layout';
import type { LayerOnBlank } from '@/core/plan';
import { TRANSFERS } from '@/core/transfer';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { Picture } from '@/ui/stage/PiecePicture';
import { TRANSFER_WORDS } from '@/words';

type Previews = ReadonlyMap<string, string>;

/** What another pass leaves on a face, to look at: cut off where its ink ends, white carrier and all. */
function LayerOnFace({
  layer,
  face,
  previews,
}: {
  layer: LayerOnBlank;
  face: Face;
  previews: Previews;
}) {
  const clip = useId();
  const { transparent, carrierShows } = TRANSFERS[layer.transfer];
  const { itemId } = useJob();
  const slots = piecesOfItem(layer.pieces, itemId).flatMap((piece) =>
    piece.slots.flatMap((slot, nth) =>
      slot.faceId === face.id
        ? [{ slot, fill: piece.fill, arts: piece.arts.filter((art) => art.slot === nth) }]
        : [],
    ),
  );
  return (
    <g style={{ mixBlendMode: transparent ? 'multiply' : 'normal' }} pointerEvents="none">
      {slots.map(({ slot, fill, arts }, nth) => {
        const toFace = inverse(slot.toStrip);
        if (fill !== null) return <Ground key={nth} slot={slot} fill={fill} />;
        return (
          <g key={nth}>
            {carrierShows && (
              <path d={pathData(mapRegion(toFace, slot.ink))} fillRule="evenodd" fill="#ffffff" />
            )}
            <clipPath id={`${clip}${nth}`}>
              <path d={pathData(slot.ink)} clipRule="evenodd" />
            </clipPath>
            <g transform={`matrix(${toFace.join(' ')})`}>
              <g clipPath={`url(#${clip}${nth})`}>
                {arts.map((art, i) => (
                  <Picture key={i} href={previews.get(art.artSha256)} matrix={art.matrix} />
                ))}
              </g>
            </g>
          </g>
        );
      })}
    </g>
  );
}

/** What is left of a sheet round its art, in the colour of the sheet. */
const Ground = ({ slot, fill }: { slot: Slot; fill: string }) => (
  <path
    d={pathData(mapRegion(inverse(slot.toStrip), slot.ink))}
    fillRule="evenodd"
    fill={fill}
    pointerEvents="none"
  />
);

/** The grounds of the pass that is worked on; nothing where it is not cut so, or its own art is seen of it. */
export function OwnGrounds({ face }: { face: Face }) {
  const { plan, itemId } = useJob();
  return piecesOfItem(plan.pieces, itemId).flatMap(({ slots, fill }) =>
    slots
      .filter(({ faceId }) => faceId === face.id)
      .map((slot, nth) => fill !== null && <Ground key={nth} slot={slot} fill={fill} />),
  );
}

/** The passes pressed before (or after) the one that is worked on, each over those before it. */
export function OtherLayers({
  where,
  face,
  previews,
}: {
  where: 'below' | 'above';
  face: Face;
  previews: Previews;
}) {
  const { plan, passId } = useJob();
  const at = plan.layers.findIndex((layer) => layer.passId === passId);
  const others = where === 'below' ? plan.layers.slice(0, at) : plan.layers.slice(at + 1);
  return others.map((layer) => (
    <LayerOnFace key={layer.passId} layer={layer} face={face} previews={previews} />
  ));
}

/** Hides what the other passes leave on the blank, to work on one of them alone; nothing where it is the only one. */
export function LayersSwitch({
  shown,
  onShown,
}: {
  shown: boolean;
  onShown: (on: boolean) => void;
}) {
  const { plan, passId } = useJob();
  const others = plan.layers.filter((layer) => layer.passId !== passId);
  if (others.length === 0) return null;
  const names = others.map(({ transfer }) => TRANSFER_WORDS[transfer].label.toLowerCase());
  return (
    <SwitchField
      label={`With the ${names.join(' and ')}`}
      small
      checked={shown}
      onTurn={(on) => onShown(on)}
    />
  );
}
