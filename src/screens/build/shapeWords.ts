import type { Dimension, StandInKind } from '@/core/model/shape'

/** What the shapes are called. Source: handbook 12.1. */
export const SHAPE_WORDS: Record<StandInKind, string> = {
  'box-hull': 'Box hull',
  'wedge-hull': 'Wedge hull',
  cylinder: 'Cylinder',
  cone: 'Cone',
  bell: 'Bell, open',
  dome: 'Dome',
  sphere: 'Sphere',
  plate: 'Plate',
  wing: 'Wing',
  'car-body': 'Car body',
  limb: 'Limb or armour piece',
  figure: 'Figure',
}

/** What their lengths are called. */
export const LENGTH_WORDS: Record<Dimension, string> = {
  lengthMm: 'Length',
  widthMm: 'Width',
  heightMm: 'Height',
  frontMm: 'Height in front',
  diameterMm: 'Diameter',
  mouthMm: 'Diameter of the mouth',
  thicknessMm: 'Thickness',
}
