CREATE TABLE "closed_cases" (
	"shop_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"complaint" text NOT NULL,
	"outcome" text NOT NULL,
	"causes" text[] NOT NULL,
	"closed_at" timestamp(3) with time zone NOT NULL,
	"is_comeback" boolean NOT NULL,
	"lead" text NOT NULL,
	"lead_probability" double precision NOT NULL,
	"cause_probability" double precision,
	"signs" text[] NOT NULL,
	"checks" jsonb NOT NULL,
	CONSTRAINT "closed_cases_shop_id_case_id_pk" PRIMARY KEY("shop_id","case_id")
);
--> statement-breakpoint
CREATE TABLE "sign_counts" (
	"shop_id" uuid NOT NULL,
	"sign" text NOT NULL,
	"cases" integer NOT NULL,
	CONSTRAINT "sign_counts_shop_id_sign_pk" PRIMARY KEY("shop_id","sign")
);
--> statement-breakpoint
ALTER TABLE "shops" ADD COLUMN "uses_experience" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "case_index" ADD COLUMN "is_due" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "closed_cases" ADD CONSTRAINT "closed_cases_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "closed_cases" ADD CONSTRAINT "closed_cases_shop_id_case_id_cases_shop_id_id_fk" FOREIGN KEY ("shop_id","case_id") REFERENCES "public"."cases"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_counts" ADD CONSTRAINT "sign_counts_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "closed_cases_signs" ON "closed_cases" USING gin ("signs");--> statement-breakpoint
CREATE INDEX "case_index_due" ON "case_index" USING btree ("shop_id","case_id") WHERE "case_index"."is_due";--> statement-breakpoint
UPDATE "case_index" SET "is_due" = true WHERE NOT "is_open";
