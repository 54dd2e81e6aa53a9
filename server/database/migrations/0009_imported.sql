ALTER TABLE "cases" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "imported_from" text;--> statement-breakpoint
ALTER TABLE "events" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "events" ADD COLUMN "imported_from" text;--> statement-breakpoint
ALTER TABLE "instruments" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "instruments" ADD COLUMN "imported_from" text;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "records" ADD COLUMN "imported_from" text;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ADD COLUMN "imported_from" text;--> statement-breakpoint
ALTER TABLE "vehicles" ADD COLUMN "imported_by" uuid;--> statement-breakpoint
ALTER TABLE "vehicles" ADD COLUMN "imported_from" text;