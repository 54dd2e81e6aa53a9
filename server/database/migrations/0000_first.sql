CREATE TABLE "accounts" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"sign_in" text NOT NULL,
	"password_hash" text NOT NULL,
	"role" text NOT NULL,
	"epoch" integer DEFAULT 0 NOT NULL,
	"disabled" boolean DEFAULT false NOT NULL,
	CONSTRAINT "accounts_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "attachments" (
	"shop_id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"sha256" text NOT NULL,
	"reference" jsonb NOT NULL,
	CONSTRAINT "attachments_shop_id_case_id_sha256_pk" PRIMARY KEY("shop_id","case_id","sha256")
);
--> statement-breakpoint
CREATE TABLE "cases" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"vehicle_id" uuid NOT NULL,
	"complaint" text NOT NULL,
	"title" text NOT NULL,
	"bay" text,
	"opened_at" text NOT NULL,
	"elevation_metres" double precision NOT NULL,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "cases_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "changes" (
	"shop_id" uuid NOT NULL,
	"seq" bigint NOT NULL,
	"entity" text NOT NULL,
	"entity_id" uuid NOT NULL,
	CONSTRAINT "changes_shop_id_seq_pk" PRIMARY KEY("shop_id","seq")
);
--> statement-breakpoint
CREATE TABLE "events" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"data" jsonb NOT NULL,
	"note" text,
	"supersedes" uuid,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "events_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "instruments" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"body" jsonb NOT NULL,
	"supersedes" uuid,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "instruments_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "people" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text,
	"erased_at" timestamp(3) with time zone,
	CONSTRAINT "people_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "quantities" (
	"shop_id" uuid NOT NULL,
	"record_id" uuid NOT NULL,
	"path" text NOT NULL,
	"typed" text NOT NULL,
	"value" double precision NOT NULL,
	"unit" text NOT NULL,
	"si" double precision NOT NULL,
	"instrument_id" uuid,
	"instrument_offset_si" double precision,
	CONSTRAINT "quantities_shop_id_record_id_path_pk" PRIMARY KEY("shop_id","record_id","path")
);
--> statement-breakpoint
CREATE TABLE "records" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"case_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"data" jsonb NOT NULL,
	"note" text,
	"supersedes" uuid,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "records_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"epoch" integer NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp(3) with time zone NOT NULL,
	"revoked_at" timestamp(3) with time zone,
	CONSTRAINT "sessions_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "shops" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"elevation_metres" double precision NOT NULL,
	"change_seq" bigint DEFAULT 0 NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_attempts" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"key" text NOT NULL,
	"at" timestamp(3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "vehicle_profiles" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"vehicle_id" uuid NOT NULL,
	"profile" jsonb NOT NULL,
	"supersedes" uuid,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "vehicle_profiles_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
CREATE TABLE "vehicles" (
	"shop_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"plate" text,
	"year" integer,
	"kilometres" double precision,
	"author_id" uuid NOT NULL,
	"observed_at" text NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"clock_offset_ms" integer,
	"content_hash" text NOT NULL,
	CONSTRAINT "vehicles_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_shop_id_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "attachments" ADD CONSTRAINT "attachments_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "attachments" ADD CONSTRAINT "attachments_shop_id_case_id_cases_shop_id_id_fk" FOREIGN KEY ("shop_id","case_id") REFERENCES "public"."cases"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_shop_id_vehicle_id_vehicles_shop_id_id_fk" FOREIGN KEY ("shop_id","vehicle_id") REFERENCES "public"."vehicles"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cases" ADD CONSTRAINT "cases_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "changes" ADD CONSTRAINT "changes_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_shop_id_case_id_cases_shop_id_id_fk" FOREIGN KEY ("shop_id","case_id") REFERENCES "public"."cases"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_shop_id_supersedes_events_shop_id_id_fk" FOREIGN KEY ("shop_id","supersedes") REFERENCES "public"."events"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "instruments" ADD CONSTRAINT "instruments_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "instruments" ADD CONSTRAINT "instruments_shop_id_supersedes_instruments_shop_id_id_fk" FOREIGN KEY ("shop_id","supersedes") REFERENCES "public"."instruments"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "instruments" ADD CONSTRAINT "instruments_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "quantities" ADD CONSTRAINT "quantities_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "quantities" ADD CONSTRAINT "quantities_shop_id_record_id_records_shop_id_id_fk" FOREIGN KEY ("shop_id","record_id") REFERENCES "public"."records"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "quantities" ADD CONSTRAINT "quantities_shop_id_instrument_id_instruments_shop_id_id_fk" FOREIGN KEY ("shop_id","instrument_id") REFERENCES "public"."instruments"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_shop_id_case_id_cases_shop_id_id_fk" FOREIGN KEY ("shop_id","case_id") REFERENCES "public"."cases"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_shop_id_supersedes_records_shop_id_id_fk" FOREIGN KEY ("shop_id","supersedes") REFERENCES "public"."records"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_shop_id_person_id_accounts_shop_id_id_fk" FOREIGN KEY ("shop_id","person_id") REFERENCES "public"."accounts"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD CONSTRAINT "vehicle_profiles_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD CONSTRAINT "vehicle_profiles_shop_id_vehicle_id_vehicles_shop_id_id_fk" FOREIGN KEY ("shop_id","vehicle_id") REFERENCES "public"."vehicles"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD CONSTRAINT "vehicle_profiles_shop_id_supersedes_vehicle_profiles_shop_id_id_fk" FOREIGN KEY ("shop_id","supersedes") REFERENCES "public"."vehicle_profiles"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD CONSTRAINT "vehicle_profiles_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicles" ADD CONSTRAINT "vehicles_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "vehicles" ADD CONSTRAINT "vehicles_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "accounts_sign_in" ON "accounts" USING btree ("sign_in");--> statement-breakpoint
CREATE INDEX "events_case" ON "events" USING btree ("shop_id","case_id");--> statement-breakpoint
CREATE INDEX "records_case" ON "records" USING btree ("shop_id","case_id");--> statement-breakpoint
CREATE INDEX "sign_in_attempts_key" ON "sign_in_attempts" USING btree ("key","at");