ALTER TABLE "cases" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;--> statement-breakpoint
ALTER TABLE "instruments" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;--> statement-breakpoint
ALTER TABLE "records" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;--> statement-breakpoint
ALTER TABLE "vehicle_profiles" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;--> statement-breakpoint
ALTER TABLE "vehicles" ALTER COLUMN "clock_offset_ms" SET DATA TYPE bigint;