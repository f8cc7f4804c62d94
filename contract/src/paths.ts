/** Method and path of every route. Without schemas, so that a browser page can load it for next to nothing. */
export const paths = {
  health: ["get", "/api/health"],
  startPage: ["get", "/api/start"],
  setUp: ["post", "/api/set-up"],
  signIn: ["post", "/api/session"],
  signInDemo: ["post", "/api/session/demo"],
  currentSession: ["get", "/api/session"],
  signOut: ["delete", "/api/session"],
  listIngredients: ["get", "/api/ingredients"],
  getIngredient: ["get", "/api/ingredients/{id}"],
  readAmount: ["post", "/api/amounts/read"],
  today: ["get", "/api/today"],
  listLots: ["get", "/api/lots"],
  logLot: ["post", "/api/lots"],
  getLot: ["get", "/api/lots/{id}"],
  goneOff: ["post", "/api/lots/{id}/gone-off"],
  correctLot: ["post", "/api/lots/{id}/corrections"],
  trimOptions: ["get", "/api/lots/{id}/trim-options"],
  recordTrim: ["post", "/api/trims"],
  planPurchase: ["get", "/api/purchase-plan"],
  listMatches: ["get", "/api/matches"],
  listRecipes: ["get", "/api/recipes"],
  getRecipe: ["get", "/api/recipes/{id}"],
  planMake: ["post", "/api/make-plans"],
  finishMake: ["post", "/api/batches"],
  listLarder: ["get", "/api/larder"],
  withdraw: ["post", "/api/containers/{id}/withdrawals"],
  undoWithdrawal: ["post", "/api/withdrawals/{id}/undo"],
  getLabel: ["get", "/api/containers/{id}/label"],
  readScale: ["get", "/api/devices/scale"],
  pileOnScale: ["post", "/api/devices/scale/pile"],
  tareScale: ["post", "/api/devices/scale/tare"],
} as const satisfies Readonly<Record<string, readonly ["get" | "post" | "delete", string]>>;

export type EndpointName = keyof typeof paths;

/** The header every writing request carries: a UUID made by the client, so that a retry changes nothing twice. */
export const idempotencyHeader = "Idempotency-Key";
