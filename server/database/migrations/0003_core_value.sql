ALTER TABLE "quantities" RENAME COLUMN "si" TO "core_value";--> statement-breakpoint
ALTER TABLE "quantities" RENAME COLUMN "instrument_offset_si" TO "instrument_offset_in_core_unit";
