ALTER TABLE "changes" DROP CONSTRAINT "changes_shop_id_shops_id_fk";
