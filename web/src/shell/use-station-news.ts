import { useRoute } from "vue-router";
import { useOthersWork } from "../client/others-work.ts";
import { stationOfAct } from "./station-of-act.ts";

/** At which stations other tablets changed something that was not looked at here yet. */
export function useStationNews() {
  const others = useOthersWork();
  const route = useRoute();
  const isAt = (path: string, station: string): boolean => path === station || path.startsWith(`${station}/`);
  /** Who did; nobody where it is being looked at. */
  const changedAt = (station: string): readonly string[] =>
    isAt(route.path, station)
      ? []
      : [...new Set(others.acts.filter(({ act }) => stationOfAct(act) === station).map(({ by }) => by))];
  const lookAt = (path: string): void => {
    others.forget(({ act }) => isAt(path, stationOfAct(act) ?? path));
  };
  return { changedAt, lookAt };
}
