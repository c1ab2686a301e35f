import { arrival } from './arrival';
import { client } from './client';
import { coat } from './coat';
import { day } from './day';
import { device } from './device';
import { cues, feet } from './feet';
import { house } from './house';
import { inspection } from './inspection';
import { plan } from './plan';
import { record } from './record';
import { skin } from './skin';
import { split } from './split';
import { signals, table } from './table';

/** Every sentence of the screens, a file a chapter. Another language is another folder of this shape. */
export const en = {
  ...coat,
  ...arrival,
  ...inspection,
  ...skin,
  ...plan,
  ...device,
  ...client,
  ...record,
  ...day,
  ...house,
  signals,
  table,
  feet,
  cues,
  split,
} as const;
