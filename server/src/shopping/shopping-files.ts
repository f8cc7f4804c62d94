import { listLineText, shoppingCsv, shoppingMarkdown } from "@apron/core/exchange";
import { accept } from "@apron/core/measure";
import type { ShoppingItem } from "@apron/contract";
import ICAL from "ical.js";
import type { UseCase } from "../context/request-context.ts";
import { listNow } from "./shopping-list.ts";

export const shoppingText: UseCase<"shoppingText"> = async (_input, context) =>
  accept(shoppingMarkdown((await listNow(context)).items));

export const shoppingTable: UseCase<"shoppingTable"> = async (_input, context) =>
  accept(shoppingCsv((await listNow(context)).items));

function taskOf(item: ShoppingItem, stamp: Date): InstanceType<typeof ICAL.Component> {
  const task = new ICAL.Component("vtodo");
  task.updatePropertyWithValue("uid", `${item.key}@apron-plate`);
  task.updatePropertyWithValue("dtstamp", ICAL.Time.fromJSDate(stamp, true));
  task.updatePropertyWithValue("summary", listLineText(item));
  task.updatePropertyWithValue("categories", item.counter);
  task.updatePropertyWithValue("status", item.ticked ? "COMPLETED" : "NEEDS-ACTION");
  if (item.dishes.length > 0) task.updatePropertyWithValue("description", `For ${item.dishes.join(", ")}`);
  return task;
}

/** The list as tasks that any to-do program reads. */
export const shoppingTasks: UseCase<"shoppingTasks"> = async (_input, context) => {
  const calendar = new ICAL.Component("vcalendar");
  calendar.updatePropertyWithValue("version", "2.0");
  calendar.updatePropertyWithValue("prodid", "-//Apron Plate//Shopping list//EN");
  for (const item of (await listNow(context)).items) calendar.addSubcomponent(taskOf(item, context.now));
  return accept(`${calendar.toString()}\r\n`);
};
