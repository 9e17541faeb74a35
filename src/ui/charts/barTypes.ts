export type BarSeries = { name: string; fill: string; outlined?: boolean };
export type BarRow = {
  name: string;
  /** One for each series. */ values: readonly number[];
};
export type BarChartProps = {
  label: string;
  series: readonly BarSeries[];
  rows: readonly BarRow[];
  /** A value as it is read, with its unit. */ format: (value: number) => string;
  /** The series one after the other on the same bar. */ stacked?: boolean;
};
