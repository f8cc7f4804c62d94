/** What happened to who may do what; `whom` is "" where it concerns nobody else. */
export type SecurityEvent = {
  readonly id: string;
  readonly at: Date;
  readonly kind: string;
  readonly who: string;
  readonly whom: string;
};
