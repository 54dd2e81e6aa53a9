CREATE TABLE "shop_figures_set" (
	"shop_id" uuid NOT NULL,
	"id" bigint GENERATED ALWAYS AS IDENTITY (sequence name "shop_figures_set_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"by" uuid NOT NULL,
	"set" jsonb NOT NULL,
	CONSTRAINT "shop_figures_set_shop_id_id_pk" PRIMARY KEY("shop_id","id")
);
--> statement-breakpoint
ALTER TABLE "shop_figures_set" ADD CONSTRAINT "shop_figures_set_shop_id_shops_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shops"("id") ON DELETE no action ON UPDATE no action;