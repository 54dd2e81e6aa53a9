CREATE TABLE "photographs" (
	"shop_id" uuid NOT NULL,
	"sha256" text NOT NULL,
	"media_type" text NOT NULL,
	"bytes" "bytea" NOT NULL,
	"author_id" uuid NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "photographs_shop_id_sha256_pk" PRIMARY KEY("shop_id","sha256")
);
--> statement-breakpoint
ALTER TABLE "photographs" ADD CONSTRAINT "photographs_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photographs" ADD CONSTRAINT "photographs_shop_id_author_id_people_shop_id_id_fk" FOREIGN KEY ("shop_id","author_id") REFERENCES "public"."people"("shop_id","id") ON DELETE no action ON UPDATE no action;