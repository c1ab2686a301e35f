/** The hours that ready-at is drawn on, in ms. */
export interface Axis {
  from: number;
  to: number;
  ticks: number[];
}
