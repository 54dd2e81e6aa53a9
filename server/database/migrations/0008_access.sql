CREATE TABLE "audit" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "audit_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"shop_id" uuid,
	"actor_id" uuid,
	"action" text NOT NULL,
	"subject_id" uuid,
	"address" text
);
--> statement-breakpoint
ALTER TABLE "shops" ADD COLUMN "photograph_bytes" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "must_change_password" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "second_factor" text;--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "second_factor_in_force" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "second_factor_step" integer;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "last_seen_at" timestamp(3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
CREATE INDEX "audit_shop" ON "audit" USING btree ("shop_id","at");
--> statement-breakpoint
UPDATE "shops" s SET "photograph_bytes" = coalesce((SELECT sum(octet_length(p."bytes")) FROM "photographs" p WHERE p."shop_id" = s."id"), 0);
