import type { AnyProperty } from '../property.ts';
import { align } from './align.ts';
import { background } from './background.ts';
import { borderColour } from './borderColour.ts';
import { borderKind } from './borderKind.ts';
import { borderWidth } from './borderWidth.ts';
import { corners } from './corners.ts';
import { family } from './family.ts';
import { letterCase } from './letterCase.ts';
import { letterSpacing } from './letterSpacing.ts';
import { lift } from './lift.ts';
import { lineHeight } from './lineHeight.ts';
import { lineOfText } from './lineOfText.ts';
import { maxWidth } from './maxWidth.ts';
import { offsetAcross } from './offsetAcross.ts';
import { offsetDown } from './offsetDown.ts';
import { opacity } from './opacity.ts';
import { outlineColour } from './outlineColour.ts';
import { outlineWidth } from './outlineWidth.ts';
import { fit } from './fit.ts';
import { overlay } from './overlay.ts';
import { overlayColour } from './overlayColour.ts';
import { positionAcross } from './positionAcross.ts';
import { positionDown } from './positionDown.ts';
import { shadow } from './shadow.ts';
import { size } from './size.ts';
import { slope } from './slope.ts';
import { spaceAcross } from './spaceAcross.ts';
import { spaceAfter } from './spaceAfter.ts';
import { spaceBetween } from './spaceBetween.ts';
import { spaceEnds } from './spaceEnds.ts';
import { spaceInside } from './spaceInside.ts';
import { spaceToPicture } from './spaceToPicture.ts';
import { textColour } from './textColour.ts';
import { time } from './time.ts';
import { tone } from './tone.ts';
import { weight } from './weight.ts';
import { wordSpacing } from './wordSpacing.ts';

/** Everything that can be set of an element, in the order offered; to add one, write its file and list it here. */
const all = {
  textColour,
  background,
  family,
  size,
  weight,
  slope,
  lineHeight,
  letterSpacing,
  wordSpacing,
  letterCase,
  lineOfText,
  align,
  outlineWidth,
  outlineColour,
  borderWidth,
  borderKind,
  borderColour,
  corners,
  shadow,
  spaceInside,
  spaceAcross,
  spaceEnds,
  spaceBetween,
  spaceToPicture,
  spaceAfter,
  maxWidth,
  offsetAcross,
  offsetDown,
  overlay,
  overlayColour,
  fit,
  positionAcross,
  positionDown,
  tone,
  opacity,
  lift,
  time,
};

export type PropertyId = keyof typeof all;

export const properties = all as unknown as Readonly<Record<PropertyId, AnyProperty>>;

export const PROPERTY_IDS = Object.keys(all) as PropertyId[];
