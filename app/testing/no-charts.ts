/** Stands in for the charts' library where nothing is laid out: what a chart draws is looked at in a browser. */
export const use = (): void => undefined;
export const init = () => ({
  setOption: (): void => undefined,
  resize: (): void => undefined,
  dispose: (): void => undefined,
  on: (): void => undefined,
  getDataURL: (): string => 'data:image/png;base64,iVBORw0KGgo=',
});
export const [GridComponent, LegendComponent, TooltipComponent, CanvasRenderer, CustomChart, LineChart] = Array.from(
  { length: 6 },
  () => ({}),
);
