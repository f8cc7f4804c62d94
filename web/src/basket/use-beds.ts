import { useQuery } from "@pinia/colada";
import { call } from "../client/api.ts";

/** The kitchen's named beds and what each gives next. */
export const useBeds = () => useQuery({ key: ["beds"], query: () => call("listBeds", {}) });
