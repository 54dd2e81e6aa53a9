CREATE EXTENSION IF NOT EXISTS pg_trgm;
--> statement-breakpoint
CREATE TABLE "case_index" (
	"shop_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"is_open" boolean NOT NULL,
	"touched_at" timestamp(3) with time zone NOT NULL,
	"complaint" text NOT NULL,
	"bay" text,
	"people" uuid[] NOT NULL,
	"words" text NOT NULL,
	CONSTRAINT "case_index_shop_id_case_id_pk" PRIMARY KEY("shop_id","case_id")
);
--> statement-breakpoint
ALTER TABLE "case_index" ADD CONSTRAINT "case_index_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_index" ADD CONSTRAINT "case_index_shop_id_case_id_cases_shop_id_id_fk" FOREIGN KEY ("shop_id","case_id") REFERENCES "public"."cases"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "case_index_open" ON "case_index" USING btree ("shop_id","touched_at","case_id") WHERE "case_index"."is_open";--> statement-breakpoint
CREATE INDEX "case_index_touched" ON "case_index" USING btree ("shop_id","touched_at","case_id");--> statement-breakpoint
CREATE INDEX "case_index_words" ON "case_index" USING gin ("words" gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "case_index_people" ON "case_index" USING gin ("people");--> statement-breakpoint
CREATE INDEX "vehicle_profiles_vehicle" ON "vehicle_profiles" USING btree ("shop_id","vehicle_id");--> statement-breakpoint
CREATE INDEX "vehicles_words" ON "vehicles" USING gin (lower("name" || ' ' || coalesce("model", '') || ' ' || coalesce("plate", '')) gin_trgm_ops);
--> statement-breakpoint
INSERT INTO "case_index" ("shop_id", "case_id", "is_open", "touched_at", "complaint", "bay", "people", "words")
SELECT c."shop_id", c."id",
  coalesce((
    SELECT e."kind" <> 'closed' FROM "events" e
    WHERE e."shop_id" = c."shop_id" AND e."case_id" = c."id" AND e."kind" IN ('closed', 'reopened')
      AND NOT EXISTS (
        SELECT 1 FROM "events" w
        WHERE w."shop_id" = e."shop_id" AND w."case_id" = e."case_id" AND w."supersedes" = e."id"
          AND NOT EXISTS (
            SELECT 1 FROM "events" u
            WHERE u."shop_id" = w."shop_id" AND u."case_id" = w."case_id" AND u."supersedes" = w."id"
              AND u."kind" = 'withdrawn'))
    ORDER BY e."observed_at"::timestamptz DESC, e."id" DESC LIMIT 1), true),
  greatest(c."received_at",
    (SELECT max(r."received_at") FROM "records" r WHERE r."shop_id" = c."shop_id" AND r."case_id" = c."id"),
    (SELECT max(e."received_at") FROM "events" e WHERE e."shop_id" = c."shop_id" AND e."case_id" = c."id")),
  c."complaint", lower(c."bay"),
  ARRAY(
    SELECT c."author_id"
    UNION SELECT r."author_id" FROM "records" r WHERE r."shop_id" = c."shop_id" AND r."case_id" = c."id"
    UNION SELECT e."author_id" FROM "events" e WHERE e."shop_id" = c."shop_id" AND e."case_id" = c."id"),
  lower(concat_ws(' ', c."title", v."name", v."model", v."plate", c."bay"))
FROM "cases" c JOIN "vehicles" v ON v."shop_id" = c."shop_id" AND v."id" = c."vehicle_id";
