import type { DataSource } from "typeorm";

/** Fills the demo kitchen up with made-up lots and movements, straight in SQL: only their number matters. */
export async function seedManyLots(
  owner: DataSource,
  wanted: { readonly lots: number; readonly movements: number },
): Promise<void> {
  await owner.query(
    `insert into lot (id, kitchen_id, ingredient_id, state, method, grade, source_kind, source_note, place, since, received_g, spoils_on, note, created_at)
     select gen_random_uuid(), k.id, (array['chard','kale','plum','kohlrabi','tomatillo','beet','leek','sorrel'])[1 + n % 8],
       case when n % 3 = 0 then 'raw' else 'usable' end, null, 'prime', (array['own-bed','own-bed','market','gift'])[1 + n % 4],
       'bed ' || n % 12, (array['fridge','fridge','fridge','room','cupboard'])[1 + n % 5],
       current_date - (n % 3), 5000, current_date + (n % 14), '', now()
     from kitchen k, generate_series(1, $1::int) n`,
    [wanted.lots],
  );
  await owner.query(
    `insert into entry (id, kitchen_id, lot_id, kind, grams, at, member_id, reason)
     select gen_random_uuid(), l.kitchen_id, l.id, case when n = 1 then 'received' else 'used' end,
       case when n = 1 then 5000 else 10 end, now(), (select id from member where kitchen_id = l.kitchen_id order by created_at limit 1), ''
     from lot l, generate_series(1, $1::int) n where l.received_g = 5000 order by n`,
    [Math.ceil(wanted.movements / wanted.lots)],
  );
  await owner.query("analyze");
}
