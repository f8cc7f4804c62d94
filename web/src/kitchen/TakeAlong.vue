<script setup lang="ts">
import { paths } from "@apron/contract/paths";
import { useQuery } from "@pinia/colada";
import { call } from "../client/api.ts";
import { showInstant } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";

/** An owner's copy of everything, and what the program keeps by itself. */
const { data: backups } = useQuery({ key: ["backups"], query: () => call("getBackups", {}) });
const archive = paths.takeEverything[1];
</script>

<template>
  <section class="card" aria-labelledby="take-along-head" data-testid="take-along">
    <h2 id="take-along-head">Copies</h2>
    <p>
      <a :href="archive" download data-testid="take-everything">Take everything with you</a>
      <span class="soft small">
        One zip file with lots, recipes, batches, ledgers and photos. You can bring it into another Apron
        Plate under Your account.
      </span>
    </p>
    <p v-if="backups?.newest" class="soft small">
      Last backup on this machine: {{ showInstant(backups.newest) }} ({{
        counted(backups.kept ?? 0, "backup")
      }}
      kept).
    </p>
    <p v-else-if="backups" class="soft small">
      {{
        backups.kept === null
          ? "Backups are made by whoever runs this server."
          : "No backup on this machine yet. The first is made soon after the program starts, then one a day."
      }}
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}

a + span {
  display: block;
}
</style>
