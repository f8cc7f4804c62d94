<script setup lang="ts">
import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import { computed } from "vue";
import { showInstant } from "../ui/dates.ts";
import WithdrawTrim from "./WithdrawTrim.vue";

/** What the picture shows, in rows; a wrong weighing is withdrawn here. */
const props = defineProps<{ method: TrimMethod }>();
const newestFirst = computed(() => props.method.weighings.toReversed());
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col" class="right">Yield</th>
        <th scope="col">When, or by whom</th>
        <th scope="col"><span class="visually-hidden">Way back</span></th>
      </tr>
    </thead>
    <tbody>
      <tr>
        <td>handbook</td>
        <td class="right figure">
          {{ showYield(method.handbook.low) }}–{{ showYield(method.handbook.high) }}
        </td>
        <td class="soft" colspan="2">{{ method.handbook.source }}</td>
      </tr>
      <tr>
        <td>you expect</td>
        <td class="right figure">{{ showYield(method.next.low) }}–{{ showYield(method.next.high) }}</td>
        <td class="soft" colspan="2">nine weighings in ten</td>
      </tr>
      <tr v-for="w in newestFirst" :key="w.trimId">
        <td>weighed, {{ w.grade }}</td>
        <td class="right figure">{{ showYield(w.fraction) }}</td>
        <td class="when">{{ showInstant(w.at) }}</td>
        <td><WithdrawTrim :trim-id="w.trimId" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.95rem;
}

th,
td {
  padding: 0.3rem 0.5rem;
  text-align: left;
  border-bottom: 1px solid var(--line);
}

td:first-child,
.when,
.right {
  white-space: nowrap;
}

.right {
  text-align: right;
}
</style>
