import { facesOfForm, type Face } from '../form';
import type { Blank } from '../model';

/** The flat faces of a blank, as they look when finished. */
export const facesOf = ({ form }: Blank): readonly Face[] => facesOfForm(form);
