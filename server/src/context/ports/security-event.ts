/** What happened to who may do what. */
export type SecurityEventKind =
  | "joined"
  | "left"
  | "removed"
  | "role-changed"
  | "invited"
  | "invite-ended"
  | "password-changed"
  | "password-reset-offered"
  | "password-reset"
  | "signed-in"
  | "sign-in-failed"
  | "sessions-ended"
  | "kitchen-to-be-deleted"
  | "kitchen-kept"
  | "taken-along"
  | "brought-in";

/** What happened to who may do what; `whom` is "" where it concerns nobody else. */
export type SecurityEvent = {
  readonly id: string;
  readonly at: Date;
  readonly kind: SecurityEventKind;
  readonly who: string;
  readonly whom: string;
};
