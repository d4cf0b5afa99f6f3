/*M!999999\- enable the sandbox mode */ 
/*!40103 SET @OLD_TIME_ZONE=@@TIME_ZONE */;
/*!40103 SET TIME_ZONE='+00:00' */;
/*!40014 SET @OLD_UNIQUE_CHECKS=@@UNIQUE_CHECKS, UNIQUE_CHECKS=0 */;
/*!40014 SET @OLD_FOREIGN_KEY_CHECKS=@@FOREIGN_KEY_CHECKS, FOREIGN_KEY_CHECKS=0 */;
/*!40101 SET @OLD_SQL_MODE=@@SQL_MODE, SQL_MODE='NO_AUTO_VALUE_ON_ZERO' */;
/*!40111 SET @OLD_SQL_NOTES=@@SQL_NOTES, SQL_NOTES=0 */;
DROP TABLE IF EXISTS `add_ons`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `add_ons` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `add_on_id` bigint(20) unsigned NOT NULL,
  `position` tinyint(3) unsigned NOT NULL,
  PRIMARY KEY (`product_id`,`add_on_id`),
  UNIQUE KEY `add_ons_product_id_position_unique` (`product_id`,`position`),
  KEY `add_ons_shop_id_product_id_foreign` (`shop_id`,`product_id`),
  KEY `add_ons_shop_id_add_on_id_foreign` (`shop_id`,`add_on_id`),
  CONSTRAINT `add_ons_shop_id_add_on_id_foreign` FOREIGN KEY (`shop_id`, `add_on_id`) REFERENCES `products` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `add_ons_shop_id_product_id_foreign` FOREIGN KEY (`shop_id`, `product_id`) REFERENCES `products` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `add_ons_three_at_most` CHECK (`position` between 1 and 3),
  CONSTRAINT `add_ons_not_itself` CHECK (`product_id` <> `add_on_id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `add_ons` WRITE;
/*!40000 ALTER TABLE `add_ons` DISABLE KEYS */;
INSERT INTO `add_ons` VALUES
(1,1,3,1),
(1,1,4,2);
/*!40000 ALTER TABLE `add_ons` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `cart_lines`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cart_lines` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `cart_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `variant_id` bigint(20) unsigned DEFAULT NULL,
  `variant_key` bigint(20) unsigned GENERATED ALWAYS AS (coalesce(`variant_id`,0)) STORED COMMENT 'null is never equal to null',
  `quantity` smallint(5) unsigned NOT NULL,
  `placement_id` bigint(20) unsigned DEFAULT NULL,
  `seen_unit_minor` bigint(20) DEFAULT NULL COMMENT 'the price that the shopper saw last',
  PRIMARY KEY (`id`),
  UNIQUE KEY `cart_lines_cart_id_product_id_variant_key_unique` (`cart_id`,`product_id`,`variant_key`),
  KEY `cart_lines_placement_id_foreign` (`placement_id`),
  KEY `cart_lines_product_id_variant_id_foreign` (`product_id`,`variant_id`),
  CONSTRAINT `cart_lines_cart_id_foreign` FOREIGN KEY (`cart_id`) REFERENCES `carts` (`id`) ON DELETE CASCADE,
  CONSTRAINT `cart_lines_quantity_in_range` CHECK (`quantity` between 1 and 9999)
) ENGINE=InnoDB AUTO_INCREMENT=19 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `cart_lines` WRITE;
/*!40000 ALTER TABLE `cart_lines` DISABLE KEYS */;
INSERT INTO `cart_lines` VALUES
(17,13,4,2,2,2,1,NULL),
(18,13,3,NULL,0,1,NULL,NULL);
/*!40000 ALTER TABLE `cart_lines` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `carts`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `carts` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `ref` char(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'names the cart in addresses',
  `visitor` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SHA-256 of the cookie that owns the cart',
  `shared_by` char(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'the visitor, where this is their one shared cart; null: bought alone',
  `last_placement_id` bigint(20) unsigned DEFAULT NULL,
  `last_take` char(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'SHA-256 of the open link that was followed last',
  `back` varchar(500) DEFAULT NULL COMMENT 'where an open link says that the shopper returns',
  `last_added_at` datetime(3) DEFAULT NULL,
  `second_step_at` datetime DEFAULT NULL COMMENT 'null: nothing but one click has happened',
  `country` char(2) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'where it goes, as far as the shopper has said',
  `coupon_code` varchar(40) DEFAULT NULL COMMENT 'as the shopper asked for it',
  `typed` longtext DEFAULT NULL COMMENT 'the checkout’s fields, as typed',
  `created_at` datetime NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `carts_ref_unique` (`ref`),
  UNIQUE KEY `carts_shop_id_shared_by_unique` (`shop_id`,`shared_by`),
  KEY `carts_last_placement_id_foreign` (`last_placement_id`),
  KEY `carts_second_step_at_created_at_index` (`second_step_at`,`created_at`),
  KEY `carts_shop_id_visitor_index` (`shop_id`,`visitor`)
) ENGINE=InnoDB AUTO_INCREMENT=14 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `carts` WRITE;
/*!40000 ALTER TABLE `carts` DISABLE KEYS */;
INSERT INTO `carts` VALUES
(13,1,'basketlive12','f6763fc3249a3f763b68dea47c75840cfb570e173ddc39c1fea37d6239e3d239','f6763fc3249a3f763b68dea47c75840cfb570e173ddc39c1fea37d6239e3d239',NULL,NULL,NULL,NULL,NULL,NULL,'BLOSSOM',NULL,'2026-11-26 22:53:20');
/*!40000 ALTER TABLE `carts` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `categories`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `categories` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `name` varchar(80) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `categories_shop_id_name_unique` (`shop_id`,`name`),
  UNIQUE KEY `categories_shop_id_id_unique` (`shop_id`,`id`),
  CONSTRAINT `categories_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=4 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `categories` WRITE;
/*!40000 ALTER TABLE `categories` DISABLE KEYS */;
INSERT INTO `categories` VALUES
(1,1,'Honey'),
(2,1,'From beeswax'),
(3,1,'Beekeeping');
/*!40000 ALTER TABLE `categories` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `category_product`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `category_product` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `category_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`product_id`,`category_id`),
  KEY `category_product_category_id_product_id_index` (`category_id`,`product_id`),
  KEY `category_product_shop_id_product_id_foreign` (`shop_id`,`product_id`),
  KEY `category_product_shop_id_category_id_foreign` (`shop_id`,`category_id`),
  CONSTRAINT `category_product_shop_id_category_id_foreign` FOREIGN KEY (`shop_id`, `category_id`) REFERENCES `categories` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `category_product_shop_id_product_id_foreign` FOREIGN KEY (`shop_id`, `product_id`) REFERENCES `products` (`shop_id`, `id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `category_product` WRITE;
/*!40000 ALTER TABLE `category_product` DISABLE KEYS */;
INSERT INTO `category_product` VALUES
(1,1,1),
(1,2,1),
(1,3,2),
(1,4,2),
(1,5,3);
/*!40000 ALTER TABLE `category_product` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `clicks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `clicks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `offer_id` bigint(20) unsigned DEFAULT NULL,
  `placement_id` bigint(20) unsigned DEFAULT NULL,
  `label` varchar(40) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'of an open link, which has no offer',
  `country` char(2) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `device` varchar(8) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `hour` datetime NOT NULL COMMENT 'UTC; minutes and seconds are not kept',
  PRIMARY KEY (`id`),
  KEY `clicks_shop_id_foreign` (`shop_id`),
  KEY `clicks_placement_id_foreign` (`placement_id`),
  KEY `clicks_offer_id_hour_index` (`offer_id`,`hour`),
  CONSTRAINT `clicks_offer_with_placement` CHECK (`offer_id` is null = (`placement_id` is null))
) ENGINE=InnoDB AUTO_INCREMENT=325 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `clicks` WRITE;
/*!40000 ALTER TABLE `clicks` DISABLE KEYS */;
INSERT INTO `clicks` VALUES
(1,1,1,1,NULL,'IE','phone','2026-10-28 08:00:00'),
(2,1,1,1,NULL,'GB','desktop','2026-10-28 19:00:00'),
(3,1,1,1,NULL,'DE','phone','2026-10-28 17:00:00'),
(4,1,1,1,NULL,'GB','tablet','2026-10-28 10:00:00'),
(5,1,1,1,NULL,'IE','desktop','2026-10-28 11:00:00'),
(6,1,1,1,NULL,'IE','desktop','2026-10-28 18:00:00'),
(7,1,1,1,NULL,'GB','desktop','2026-10-28 18:00:00'),
(8,1,1,1,NULL,'DE','tablet','2026-10-29 07:00:00'),
(9,1,1,1,NULL,'IE','tablet','2026-10-30 14:00:00'),
(10,1,1,1,NULL,'IE','tablet','2026-10-30 08:00:00'),
(11,1,1,1,NULL,'IE','tablet','2026-10-30 10:00:00'),
(12,1,1,1,NULL,'IE','phone','2026-10-30 17:00:00'),
(13,1,1,1,NULL,'DE','phone','2026-10-30 10:00:00'),
(14,1,1,1,NULL,NULL,'phone','2026-10-30 13:00:00'),
(15,1,1,1,NULL,NULL,'phone','2026-10-30 22:00:00'),
(16,1,1,1,NULL,'GB','phone','2026-10-30 17:00:00'),
(17,1,1,1,NULL,'IE','desktop','2026-10-31 15:00:00'),
(18,1,1,1,NULL,'DE','phone','2026-10-31 20:00:00'),
(19,1,1,1,NULL,NULL,'tablet','2026-10-31 14:00:00'),
(20,1,1,1,NULL,'IE','desktop','2026-11-01 18:00:00'),
(21,1,1,1,NULL,'GB','phone','2026-11-01 18:00:00'),
(22,1,1,1,NULL,NULL,'desktop','2026-11-01 17:00:00'),
(23,1,1,1,NULL,'GB','desktop','2026-11-01 21:00:00'),
(24,1,1,1,NULL,NULL,'desktop','2026-11-01 22:00:00'),
(25,1,1,1,NULL,'GB','phone','2026-11-01 13:00:00'),
(26,1,1,1,NULL,'DE','tablet','2026-11-01 22:00:00'),
(27,1,1,1,NULL,'GB','tablet','2026-11-01 22:00:00'),
(28,1,1,1,NULL,'GB','tablet','2026-11-02 21:00:00'),
(29,1,1,1,NULL,NULL,'tablet','2026-11-02 14:00:00'),
(30,1,1,1,NULL,NULL,'tablet','2026-11-02 12:00:00'),
(31,1,1,1,NULL,'IE','phone','2026-11-02 15:00:00'),
(32,1,1,1,NULL,NULL,'desktop','2026-11-02 09:00:00'),
(33,1,1,1,NULL,NULL,'tablet','2026-11-02 16:00:00'),
(34,1,1,1,NULL,'DE','phone','2026-11-03 21:00:00'),
(35,1,1,1,NULL,'IE','tablet','2026-11-03 15:00:00'),
(36,1,1,1,NULL,'IE','desktop','2026-11-03 16:00:00'),
(37,1,1,1,NULL,'IE','desktop','2026-11-03 09:00:00'),
(38,1,1,1,NULL,'GB','desktop','2026-11-03 09:00:00'),
(39,1,1,1,NULL,NULL,'desktop','2026-11-03 17:00:00'),
(40,1,1,1,NULL,'DE','desktop','2026-11-03 10:00:00'),
(323,1,NULL,NULL,'spring',NULL,'tablet','2026-07-01 23:00:00'),
(324,1,NULL,NULL,'spring','IE','phone','2026-11-01 23:00:00');
/*!40000 ALTER TABLE `clicks` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `coupon_uses`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `coupon_uses` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `coupon_id` bigint(20) unsigned NOT NULL,
  `order_id` bigint(20) unsigned NOT NULL,
  `shopper` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SHA-256 of the e-mail address in lower case',
  PRIMARY KEY (`id`),
  UNIQUE KEY `coupon_uses_order_id_unique` (`order_id`),
  KEY `coupon_uses_coupon_id_shopper_index` (`coupon_id`,`shopper`),
  CONSTRAINT `coupon_uses_coupon_id_foreign` FOREIGN KEY (`coupon_id`) REFERENCES `coupons` (`id`) ON DELETE CASCADE,
  CONSTRAINT `coupon_uses_order_id_foreign` FOREIGN KEY (`order_id`) REFERENCES `orders` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `coupon_uses` WRITE;
/*!40000 ALTER TABLE `coupon_uses` DISABLE KEYS */;
INSERT INTO `coupon_uses` VALUES
(1,1,6,'c7339ef5baa56de9fe3670aed78b64ea3fcc17f9a3dadd4195f64fd127b94600');
/*!40000 ALTER TABLE `coupon_uses` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `coupons`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `coupons` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `code` varchar(40) NOT NULL,
  `kind` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `percent` varchar(40) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `amount_minor` bigint(20) DEFAULT NULL,
  `min_spend_minor` bigint(20) DEFAULT NULL,
  `skus` longtext DEFAULT NULL COMMENT 'JSON; null: all goods',
  `counts_from` datetime DEFAULT NULL,
  `counts_until` datetime DEFAULT NULL,
  `most_uses` int(10) unsigned DEFAULT NULL,
  `most_uses_each` int(10) unsigned DEFAULT NULL COMMENT 'by one e-mail address',
  `uses` int(10) unsigned NOT NULL DEFAULT 0,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `coupons_shop_id_code_unique` (`shop_id`,`code`),
  UNIQUE KEY `coupons_shop_id_id_unique` (`shop_id`,`id`),
  CONSTRAINT `coupons_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`),
  CONSTRAINT `coupons_value_fits_kind` CHECK (`percent` is not null = (`kind` = 'percent') and `amount_minor` is not null = (`kind` = 'amount')),
  CONSTRAINT `coupons_amounts_not_negative` CHECK (`amount_minor` >= 0 and `min_spend_minor` >= 0),
  CONSTRAINT `coupons_not_used_up` CHECK (`most_uses` is null or `uses` <= `most_uses`),
  CONSTRAINT `coupons_skus_are_json` CHECK (`skus` is null or json_valid(`skus`))
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `coupons` WRITE;
/*!40000 ALTER TABLE `coupons` DISABLE KEYS */;
INSERT INTO `coupons` VALUES
(1,1,'BLOSSOM','percent','15',NULL,2000,NULL,NULL,NULL,NULL,NULL,1,'2026-11-26 22:53:20','2026-11-11 13:25:00'),
(2,1,'POSTFREE','free_shipping',NULL,NULL,NULL,NULL,NULL,NULL,50,1,0,'2026-11-26 22:53:20','2026-11-26 22:53:20');
/*!40000 ALTER TABLE `coupons` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `edits`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `edits` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `subject_id` bigint(20) unsigned NOT NULL COMMENT 'of a product, table, coupon or look; of the shop itself for what there is once',
  `version` int(10) unsigned NOT NULL COMMENT 'counts the changes, so that two sellers don’t overwrite each other; without a row it is 1',
  `person_id` bigint(20) unsigned DEFAULT NULL,
  `edited_at` datetime NOT NULL,
  PRIMARY KEY (`shop_id`,`kind`,`subject_id`),
  KEY `edits_person_id_foreign` (`person_id`),
  CONSTRAINT `edits_person_id_foreign` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`) ON DELETE SET NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `edits` WRITE;
/*!40000 ALTER TABLE `edits` DISABLE KEYS */;
/*!40000 ALTER TABLE `edits` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `failed_jobs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `failed_jobs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `uuid` varchar(255) NOT NULL,
  `connection` text NOT NULL,
  `queue` text NOT NULL,
  `payload` longtext NOT NULL,
  `exception` longtext NOT NULL,
  `failed_at` timestamp NOT NULL DEFAULT current_timestamp(),
  PRIMARY KEY (`id`),
  UNIQUE KEY `failed_jobs_uuid_unique` (`uuid`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `failed_jobs` WRITE;
/*!40000 ALTER TABLE `failed_jobs` DISABLE KEYS */;
/*!40000 ALTER TABLE `failed_jobs` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `former_checkout_slugs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `former_checkout_slugs` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `slug` varchar(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (`shop_id`,`slug`),
  CONSTRAINT `former_checkout_slugs_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `former_checkout_slugs` WRITE;
/*!40000 ALTER TABLE `former_checkout_slugs` DISABLE KEYS */;
/*!40000 ALTER TABLE `former_checkout_slugs` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `former_hosts`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `former_hosts` (
  `host` varchar(190) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`host`),
  KEY `former_hosts_shop_id_foreign` (`shop_id`),
  CONSTRAINT `former_hosts_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `former_hosts` WRITE;
/*!40000 ALTER TABLE `former_hosts` DISABLE KEYS */;
/*!40000 ALTER TABLE `former_hosts` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `former_slugs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `former_slugs` (
  `slug` varchar(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `shop_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`slug`),
  KEY `former_slugs_shop_id_foreign` (`shop_id`),
  CONSTRAINT `former_slugs_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `former_slugs` WRITE;
/*!40000 ALTER TABLE `former_slugs` DISABLE KEYS */;
/*!40000 ALTER TABLE `former_slugs` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `jobs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `jobs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `queue` varchar(255) NOT NULL,
  `payload` longtext NOT NULL,
  `attempts` smallint(5) unsigned NOT NULL,
  `reserved_at` int(10) unsigned DEFAULT NULL,
  `available_at` int(10) unsigned NOT NULL,
  `created_at` int(10) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  KEY `jobs_queue_index` (`queue`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `jobs` WRITE;
/*!40000 ALTER TABLE `jobs` DISABLE KEYS */;
/*!40000 ALTER TABLE `jobs` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `looks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `looks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `name` varchar(40) NOT NULL,
  `values` longtext NOT NULL COMMENT 'JSON: its style values',
  `earlier` longtext DEFAULT NULL COMMENT 'JSON: the values before the last change; null: never changed',
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `put_away_at` datetime DEFAULT NULL COMMENT 'null: offered for use',
  PRIMARY KEY (`id`),
  UNIQUE KEY `looks_shop_id_name_unique` (`shop_id`,`name`),
  UNIQUE KEY `looks_shop_id_id_unique` (`shop_id`,`id`),
  CONSTRAINT `looks_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`),
  CONSTRAINT `looks_values_are_json` CHECK (json_valid(`values`)),
  CONSTRAINT `looks_earlier_are_json` CHECK (`earlier` is null or json_valid(`earlier`))
) ENGINE=InnoDB AUTO_INCREMENT=6 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `looks` WRITE;
/*!40000 ALTER TABLE `looks` DISABLE KEYS */;
INSERT INTO `looks` VALUES
(1,1,'Kite silk','{\"fill\":\"#b92b4f\",\"ink\":\"#ffffff\",\"border\":\"#b92b4f\",\"borderWidth\":0,\"corner\":4,\"crossCorner\":15,\"shadow\":\"none\",\"paddingBlock\":12,\"paddingInline\":22,\"font\":\"plain\",\"fontSize\":16,\"isBold\":true,\"icon\":\"none\",\"iconSide\":\"start\",\"iconGap\":8,\"width\":\"own\",\"widthPercent\":50,\"alignment\":\"middle\",\"followsPage\":false,\"classes\":[],\"picture\":null}',NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL),
(2,1,'Deep water','{\"fill\":\"#1e5a70\",\"ink\":\"#f1f8fa\",\"border\":\"#1e5a70\",\"borderWidth\":0,\"corner\":22,\"crossCorner\":22,\"shadow\":\"none\",\"paddingBlock\":12,\"paddingInline\":26,\"font\":\"plain\",\"fontSize\":16,\"isBold\":true,\"icon\":\"line\",\"iconSide\":\"start\",\"iconGap\":8,\"width\":\"own\",\"widthPercent\":50,\"alignment\":\"middle\",\"followsPage\":false,\"classes\":[],\"picture\":null}',NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL),
(3,1,'Luggage tag','{\"fill\":\"#fffdf6\",\"ink\":\"#3b2f24\",\"border\":\"#8a6f4d\",\"borderWidth\":2,\"corner\":2,\"crossCorner\":14,\"shadow\":\"none\",\"paddingBlock\":12,\"paddingInline\":22,\"font\":\"serif\",\"fontSize\":16,\"isBold\":true,\"icon\":\"none\",\"iconSide\":\"start\",\"iconGap\":8,\"width\":\"own\",\"widthPercent\":50,\"alignment\":\"middle\",\"followsPage\":false,\"classes\":[],\"picture\":null}',NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL),
(4,1,'Moss','{\"fill\":\"#2f5d4e\",\"ink\":\"#ffffff\",\"border\":\"#2f5d4e\",\"borderWidth\":0,\"corner\":10,\"crossCorner\":2,\"shadow\":\"edge\",\"paddingBlock\":12,\"paddingInline\":22,\"font\":\"plain\",\"fontSize\":16,\"isBold\":true,\"icon\":\"leaf\",\"iconSide\":\"start\",\"iconGap\":8,\"width\":\"own\",\"widthPercent\":50,\"alignment\":\"middle\",\"followsPage\":false,\"classes\":[],\"picture\":null}',NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL),
(5,1,'As the page','{\"fill\":\"#ffffff\",\"ink\":\"#18222d\",\"border\":\"#18222d\",\"borderWidth\":1,\"corner\":3,\"crossCorner\":3,\"shadow\":\"none\",\"paddingBlock\":12,\"paddingInline\":22,\"font\":\"host\",\"fontSize\":16,\"isBold\":true,\"icon\":\"none\",\"iconSide\":\"start\",\"iconGap\":8,\"width\":\"own\",\"widthPercent\":50,\"alignment\":\"middle\",\"followsPage\":true,\"classes\":[],\"picture\":null}',NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL);
/*!40000 ALTER TABLE `looks` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `memberships`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `memberships` (
  `person_id` bigint(20) unsigned NOT NULL,
  `shop_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`person_id`,`shop_id`),
  KEY `memberships_shop_id_foreign` (`shop_id`),
  CONSTRAINT `memberships_person_id_foreign` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`) ON DELETE CASCADE,
  CONSTRAINT `memberships_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `memberships` WRITE;
/*!40000 ALTER TABLE `memberships` DISABLE KEYS */;
INSERT INTO `memberships` VALUES
(1,1);
/*!40000 ALTER TABLE `memberships` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `messages`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `messages` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `order_id` bigint(20) unsigned DEFAULT NULL,
  `kind` varchar(32) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `to` varchar(254) NOT NULL,
  `subject` varchar(200) NOT NULL,
  `text` mediumtext NOT NULL,
  `created_at` datetime NOT NULL,
  `sent_at` datetime DEFAULT NULL,
  `html` mediumtext DEFAULT NULL COMMENT 'null: sent as plain text',
  PRIMARY KEY (`id`),
  UNIQUE KEY `messages_order_id_kind_to_unique` (`order_id`,`kind`,`to`),
  KEY `messages_shop_id_created_at_index` (`shop_id`,`created_at`),
  CONSTRAINT `messages_order_id_foreign` FOREIGN KEY (`order_id`) REFERENCES `orders` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `messages` WRITE;
/*!40000 ALTER TABLE `messages` DISABLE KEYS */;
/*!40000 ALTER TABLE `messages` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `migrations`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `migrations` (
  `id` int(10) unsigned NOT NULL AUTO_INCREMENT,
  `migration` varchar(255) NOT NULL,
  `batch` int(11) NOT NULL,
  PRIMARY KEY (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=16 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `migrations` WRITE;
/*!40000 ALTER TABLE `migrations` DISABLE KEYS */;
INSERT INTO `migrations` VALUES
(1,'2026_11_24_000001_create_people_and_shops',1),
(2,'2026_11_24_000002_create_framework_tables',1),
(3,'2026_11_24_000003_create_products_and_offers',1),
(4,'2026_11_24_000004_create_carts_and_orders',1),
(5,'2026_11_25_000001_let_offers_hold_several_goods',1),
(6,'2026_11_25_000002_give_every_shop_its_first_looks',1),
(7,'2026_11_25_000003_name_and_arrange_shops',1),
(8,'2026_11_25_000004_let_products_be_drafts',1),
(9,'2026_11_25_000005_let_looks_and_tables_be_put_away',1),
(10,'2026_11_26_000001_take_the_shop_out_of_shoppers_way',1),
(11,'2026_11_26_000002_follow_payments_to_their_end',1),
(12,'2026_11_26_000003_compare_addresses_byte_by_byte',1),
(13,'2026_11_26_000004_tell_sellers_of_each_others_changes',1),
(14,'2026_11_26_000005_count_the_changes_of_a_shop',1),
(15,'2026_11_26_000006_keep_tax_and_profit_of_each_line',1);
/*!40000 ALTER TABLE `migrations` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `offer_lines`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `offer_lines` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `offer_id` bigint(20) unsigned NOT NULL,
  `position` tinyint(3) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `variant_id` bigint(20) unsigned DEFAULT NULL COMMENT 'null: none, or the shopper says which',
  `quantity` smallint(5) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `offer_lines_offer_id_position_unique` (`offer_id`,`position`),
  KEY `offer_lines_shop_id_offer_id_foreign` (`shop_id`,`offer_id`),
  KEY `offer_lines_shop_id_product_id_foreign` (`shop_id`,`product_id`),
  KEY `offer_lines_variant_id_foreign` (`variant_id`),
  CONSTRAINT `offer_lines_shop_id_offer_id_foreign` FOREIGN KEY (`shop_id`, `offer_id`) REFERENCES `offers` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `offer_lines_shop_id_product_id_foreign` FOREIGN KEY (`shop_id`, `product_id`) REFERENCES `products` (`shop_id`, `id`),
  CONSTRAINT `offer_lines_variant_id_foreign` FOREIGN KEY (`variant_id`) REFERENCES `variants` (`id`) ON DELETE SET NULL,
  CONSTRAINT `offer_lines_quantity_in_range` CHECK (`quantity` between 1 and 999)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `offer_lines` WRITE;
/*!40000 ALTER TABLE `offer_lines` DISABLE KEYS */;
INSERT INTO `offer_lines` VALUES
(1,1,1,0,1,NULL,1),
(2,1,2,0,3,NULL,2),
(3,1,3,0,5,NULL,1),
(4,1,4,0,2,NULL,1),
(5,1,5,0,1,NULL,3),
(6,1,6,0,1,NULL,1),
(7,1,6,1,3,NULL,1);
/*!40000 ALTER TABLE `offer_lines` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `offer_versions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `offer_versions` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `offer_id` bigint(20) unsigned NOT NULL,
  `version` int(10) unsigned NOT NULL,
  `sentence` text NOT NULL COMMENT 'as it was said then',
  `entry` longtext NOT NULL COMMENT 'JSON: what stood on the desk',
  `person_id` bigint(20) unsigned DEFAULT NULL,
  `created_at` datetime NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `offer_versions_offer_id_version_unique` (`offer_id`,`version`),
  KEY `offer_versions_person_id_foreign` (`person_id`),
  KEY `offer_versions_shop_id_offer_id_foreign` (`shop_id`,`offer_id`),
  CONSTRAINT `offer_versions_person_id_foreign` FOREIGN KEY (`person_id`) REFERENCES `people` (`id`) ON DELETE SET NULL,
  CONSTRAINT `offer_versions_shop_id_offer_id_foreign` FOREIGN KEY (`shop_id`, `offer_id`) REFERENCES `offers` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `offer_versions_entry_is_json` CHECK (json_valid(`entry`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `offer_versions` WRITE;
/*!40000 ALTER TABLE `offer_versions` DISABLE KEYS */;
/*!40000 ALTER TABLE `offer_versions` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `offers`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `offers` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `destination` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `cart_use` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `caption` varchar(40) DEFAULT NULL COMMENT 'null: the destination’s own',
  `state` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `opening` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'same_tab',
  `ask_label` varchar(40) DEFAULT NULL COMMENT 'null: the shopper is not asked how many',
  `ask_least` smallint(5) unsigned DEFAULT NULL,
  `ask_most` smallint(5) unsigned DEFAULT NULL,
  `words` longtext DEFAULT NULL COMMENT 'JSON: what the button says in other states than idle; null: as the shop says',
  `landing` varchar(500) DEFAULT NULL COMMENT 'where the shopper lands afterwards; null: as the shop has it',
  `look_id` bigint(20) unsigned DEFAULT NULL COMMENT 'null: the shop’s',
  `version` int(10) unsigned NOT NULL DEFAULT 1 COMMENT 'counts the changes, so that two sellers don’t overwrite each other',
  PRIMARY KEY (`id`),
  UNIQUE KEY `offers_shop_id_id_unique` (`shop_id`,`id`),
  KEY `offers_shop_id_updated_at_id_index` (`shop_id`,`updated_at`,`id`),
  KEY `offers_shop_id_look_id_foreign` (`shop_id`,`look_id`),
  CONSTRAINT `offers_shop_id_look_id_foreign` FOREIGN KEY (`shop_id`, `look_id`) REFERENCES `looks` (`shop_id`, `id`),
  CONSTRAINT `offers_ask_whole` CHECK (`ask_label` is null = (`ask_least` is null) and `ask_label` is null = (`ask_most` is null) and (`ask_least` is null or `ask_least` >= 1 and `ask_least` < `ask_most` and `ask_most` <= 999)),
  CONSTRAINT `offers_words_are_json` CHECK (`words` is null or json_valid(`words`))
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `offers` WRITE;
/*!40000 ALTER TABLE `offers` DISABLE KEYS */;
INSERT INTO `offers` VALUES
(1,1,'pay','just_this',NULL,'live','2026-11-26 22:53:20','2026-11-26 22:53:20','same_tab',NULL,NULL,NULL,NULL,NULL,NULL,1),
(2,1,'cart','with_cart','Two for the long table','live','2026-11-26 22:53:20','2026-11-26 22:53:20','same_tab',NULL,NULL,NULL,NULL,NULL,NULL,1),
(3,1,'choose','just_this',NULL,'draft','2026-11-26 22:53:20','2026-11-26 22:53:20','same_tab',NULL,NULL,NULL,NULL,NULL,NULL,1),
(4,1,'pay','just_this','A small jar','live','2026-11-26 22:53:20','2026-11-26 22:53:20','same_tab',NULL,NULL,NULL,NULL,NULL,NULL,1),
(5,1,'pay','just_this','Three for the winter','live','2026-11-26 22:53:20','2026-11-26 22:53:20','same_tab',NULL,NULL,NULL,NULL,NULL,4,1),
(6,1,'cart','just_this','Honey and light','live','2026-11-26 22:53:20','2026-11-26 22:53:20','new_tab',NULL,NULL,NULL,NULL,NULL,3,1);
/*!40000 ALTER TABLE `offers` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `order_lines`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `order_lines` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `order_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `variant_id` bigint(20) unsigned DEFAULT NULL,
  `placement_id` bigint(20) unsigned DEFAULT NULL,
  `sku` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  `name` varchar(160) NOT NULL,
  `choices` varchar(400) NOT NULL DEFAULT '',
  `picture` varchar(120) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `quantity` smallint(5) unsigned NOT NULL,
  `back_ordered` smallint(5) unsigned NOT NULL DEFAULT 0 COMMENT 'of the quantity, pieces that were not on the shelf',
  `unit_minor` bigint(20) NOT NULL,
  `subtotal_minor` bigint(20) NOT NULL,
  `discount_minor` bigint(20) NOT NULL,
  `tax_minor` bigint(20) NOT NULL,
  `tax_class` varchar(40) DEFAULT NULL,
  `tax_rate` varchar(40) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'in percent; null where it was not kept',
  `profit_minor` bigint(20) DEFAULT NULL COMMENT 'before the provider’s fee; null where it was not kept',
  `because` varchar(300) NOT NULL DEFAULT '',
  PRIMARY KEY (`id`),
  KEY `order_lines_order_id_foreign` (`order_id`),
  KEY `order_lines_product_id_foreign` (`product_id`),
  KEY `order_lines_variant_id_foreign` (`variant_id`),
  KEY `order_lines_placement_id_foreign` (`placement_id`),
  CONSTRAINT `order_lines_order_id_foreign` FOREIGN KEY (`order_id`) REFERENCES `orders` (`id`),
  CONSTRAINT `order_lines_product_id_foreign` FOREIGN KEY (`product_id`) REFERENCES `products` (`id`),
  CONSTRAINT `order_lines_variant_id_foreign` FOREIGN KEY (`variant_id`) REFERENCES `variants` (`id`) ON DELETE SET NULL,
  CONSTRAINT `order_lines_subtotal_is_exact` CHECK (`subtotal_minor` = `unit_minor` * `quantity`),
  CONSTRAINT `order_lines_discount_within_subtotal` CHECK (`discount_minor` between 0 and `subtotal_minor`)
) ENGINE=InnoDB AUTO_INCREMENT=17 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `order_lines` WRITE;
/*!40000 ALTER TABLE `order_lines` DISABLE KEYS */;
INSERT INTO `order_lines` VALUES
(1,1,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',1,0,980,980,0,0,'food','0',570,''),
(2,2,3,NULL,2,'candle','Tall beeswax candle','','/drawings/tall-candle.svg',2,0,1295,2590,0,414,'standard','19',1136,''),
(3,3,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',2,0,980,1960,0,0,'food','0',1140,''),
(4,3,4,2,NULL,'wrap-s-clover','Beeswax food wrap','Small · Clover','/drawings/food-wrap.svg',1,0,725,725,0,0,'standard','0',525,'The choice sets the price to €6.50; the choices add €0.75.'),
(5,4,2,NULL,NULL,'honey-170','Willow honey, 170 g','','/drawings/small-jar.svg',1,0,640,640,0,0,'food','0',410,''),
(6,5,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',1,0,980,980,0,0,'food','0',570,''),
(7,6,3,NULL,2,'candle','Tall beeswax candle','','/drawings/tall-candle.svg',4,0,1295,5180,777,0,'standard','0',2323,''),
(8,7,4,9,NULL,'wrap-l-plain','Beeswax food wrap','Large · Plain','/drawings/food-wrap.svg',1,0,1100,1100,0,206,'standard','23',694,'The choice sets the price to €11.00.'),
(9,7,4,10,NULL,'wrap-l-clover','Beeswax food wrap','Large · Clover','/drawings/food-wrap.svg',1,0,1175,1175,0,220,'standard','23',755,'The choice sets the price to €11.00; the choices add €0.75.'),
(10,8,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',1,0,980,980,0,64,'food','7',506,''),
(11,8,2,NULL,NULL,'honey-170','Willow honey, 170 g','','/drawings/small-jar.svg',1,0,640,640,0,42,'food','7',368,''),
(12,9,3,NULL,2,'candle','Tall beeswax candle','','/drawings/tall-candle.svg',2,0,1295,2590,0,0,'standard','0',1550,''),
(13,10,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',3,0,980,2940,0,0,'food','0',1710,''),
(14,11,2,NULL,NULL,'honey-170','Willow honey, 170 g','','/drawings/small-jar.svg',2,0,640,1280,0,0,'food','0',820,''),
(15,11,3,NULL,2,'candle','Tall beeswax candle','','/drawings/tall-candle.svg',1,0,1295,1295,0,242,'standard','23',533,''),
(16,12,1,NULL,1,'honey-340','Heather honey, 340 g','','/drawings/honey-jar.svg',1,0,980,980,0,0,'food','0',570,'');
/*!40000 ALTER TABLE `order_lines` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `orders`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `orders` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `payment_id` bigint(20) unsigned NOT NULL,
  `number` int(10) unsigned NOT NULL,
  `token` char(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT '128 random bits; opens the thank-you page',
  `email` varchar(254) NOT NULL,
  `email_key` varchar(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '' COMMENT 'the address as it is compared',
  `name` varchar(120) NOT NULL,
  `street` varchar(160) NOT NULL,
  `postcode` varchar(16) NOT NULL,
  `town` varchar(100) NOT NULL,
  `country` char(2) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `currency` char(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `items_minor` bigint(20) NOT NULL,
  `discount_minor` bigint(20) NOT NULL,
  `shipping_minor` bigint(20) NOT NULL,
  `tax_minor` bigint(20) NOT NULL,
  `shipping_tax_minor` bigint(20) DEFAULT NULL COMMENT 'of the tax; null where it was not kept',
  `shipping_tax_rate` varchar(40) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'in percent',
  `tax_is_contained` tinyint(1) NOT NULL,
  `total_minor` bigint(20) NOT NULL,
  `profit_minor` bigint(20) NOT NULL,
  `coupon_code` varchar(40) DEFAULT NULL,
  `reasons` longtext NOT NULL COMMENT 'JSON: why each amount was what it was',
  `phone` varchar(40) NOT NULL DEFAULT '',
  `company` varchar(120) NOT NULL DEFAULT '',
  `comment` varchar(1000) NOT NULL DEFAULT '',
  `placed_at` datetime NOT NULL,
  `captured_at` datetime DEFAULT NULL,
  `opened_until` datetime DEFAULT NULL COMMENT 'until then the token shows all of it, after a fresh link was asked for',
  PRIMARY KEY (`id`),
  UNIQUE KEY `orders_shop_id_number_unique` (`shop_id`,`number`),
  UNIQUE KEY `orders_payment_id_unique` (`payment_id`),
  UNIQUE KEY `orders_token_unique` (`token`),
  KEY `orders_shop_id_captured_at_placed_at_index` (`shop_id`,`captured_at`,`placed_at`),
  KEY `orders_shop_id_email_key_index` (`shop_id`,`email_key`),
  CONSTRAINT `orders_payment_id_foreign` FOREIGN KEY (`payment_id`) REFERENCES `payments` (`id`),
  CONSTRAINT `orders_total_is_its_parts` CHECK (`total_minor` = `items_minor` - `discount_minor` + `shipping_minor` + if(`tax_is_contained`,0,`tax_minor`)),
  CONSTRAINT `orders_shipping_tax_within_tax` CHECK (`shipping_tax_minor` between 0 and `tax_minor`)
) ENGINE=InnoDB AUTO_INCREMENT=13 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `orders` WRITE;
/*!40000 ALTER TABLE `orders` DISABLE KEYS */;
INSERT INTO `orders` VALUES
(1,1,1,1001,'pxNHatDZyI3o_ZOBlwSDvg','orla.finnerty@letters.example','orla.finnerty@letters.example','Orla Finnerty','3 Alder Row','T12 K4P2','Tarnbridge','IE','EUR',980,0,390,73,73,'23',1,1370,514,NULL,'{\"shipping\":\"Orders under \\u20ac20.00 ship for \\u20ac3.90.\",\"tax\":\"The prices contain this tax, \\u20ac0.73 of it on shipping.\"}','','','','2026-11-01 18:52:00','2026-11-01 18:52:02',NULL),
(2,1,2,1002,'cV2AhnfdibDuEn8JITGM9A','jonas.ackerfeld@letters.example','jonas.ackerfeld@letters.example','Jonas Ackerfeld','Lindenweg 8','24937','Moorhafen','DE','EUR',2590,0,650,518,104,'19',1,3240,1044,NULL,'{\"shipping\":\"Parcels under 1,000 g ship for \\u20ac6.50; the fee on the item does not count.\",\"tax\":\"The prices contain this tax, \\u20ac1.04 of it on shipping.\"}','','','','2026-11-03 12:09:00','2026-11-03 12:09:02',NULL),
(3,1,3,1003,'BFmZWpUenuBoaOyPc-2Gpg','priya.larkspur@letters.example','priya.larkspur@letters.example','Priya Larkspur','41 Quarry Lane','VT6 2QL','Upper Tarn','GB','EUR',2685,0,980,0,0,'0',1,3665,1565,NULL,'{\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for \\u20ac9.80.\"}','','','','2026-11-05 18:20:00','2026-11-05 18:20:02',NULL),
(4,1,4,1004,'qPHPlRs-fru479bZ1rJlNg','tomas.ibarrola@letters.example','tomas.ibarrola@letters.example','Tomás Ibarrola','Calle del Molino 5','31491','Valdehierba','ES','EUR',640,0,650,0,0,'0',1,1290,355,NULL,'{\"shipping\":\"Parcels under 1,000 g ship for \\u20ac6.50.\"}','','','','2026-11-07 19:04:00','2026-11-07 19:04:02',NULL),
(5,1,5,1005,'hOGLGeOyI_7zP0Y4Wwl0fw','maeve.cullinane@letters.example','maeve.cullinane@letters.example','Maeve Cullinane','Weir Cottage','','Mossfield','IE','EUR',980,0,390,73,73,'23',1,1370,514,NULL,'{\"shipping\":\"Orders under \\u20ac20.00 ship for \\u20ac3.90.\",\"tax\":\"The prices contain this tax, \\u20ac0.73 of it on shipping.\"}','','','','2026-11-09 10:30:00','2026-11-09 10:30:02',NULL),
(6,1,6,1006,'_xpNDNTaQg4iIFH4aJGS1A','ada.nwosu.reed@letters.example','ada.nwosu.reed@letters.example','Ada Nwosu-Reed','12 Chandler Court','VT1 9DD','Tarnmouth','GB','EUR',5180,777,980,0,0,'0',1,5383,2191,'BLOSSOM','{\"discount\":\"Coupon \\u201cBLOSSOM\\u201d takes 15 % off.\",\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for \\u20ac9.80; the fee on the item does not count.\"}','','','','2026-11-11 13:25:00','2026-11-11 13:25:02',NULL),
(7,1,7,1007,'t9MBQQuMA4uLfeyAk-jbew','orla.finnerty@letters.example','orla.finnerty@letters.example','Orla Finnerty','3 Alder Row','T12 K4P2','Tarnbridge','IE','EUR',2275,0,590,536,110,'23',1,2865,1365,NULL,'{\"shipping\":\"Orders of \\u20ac20.00 to under \\u20ac40.00 ship for \\u20ac5.90.\",\"tax\":\"The prices contain this tax, \\u20ac1.10 of it on shipping.\"}','','','','2026-11-13 19:59:00','2026-11-13 19:59:02',NULL),
(8,1,8,1008,'UVo7bOD73O7WxonF8DMDPg','jonas.ackerfeld@letters.example','jonas.ackerfeld@letters.example','Jonas Ackerfeld','Lindenweg 8','24937','Moorhafen','DE','EUR',1620,0,650,210,104,'19',1,2270,801,NULL,'{\"shipping\":\"Parcels under 1,000 g ship for \\u20ac6.50.\",\"tax\":\"The prices contain this tax, \\u20ac1.04 of it on shipping.\"}','','','','2026-11-15 08:22:00','2026-11-15 08:22:02',NULL),
(9,1,9,1009,'6F9FvyT--mIhO_K89MpX9g','priya.larkspur@letters.example','priya.larkspur@letters.example','Priya Larkspur','41 Quarry Lane','VT6 2QL','Upper Tarn','GB','EUR',2590,0,650,0,0,'0',1,3240,1458,NULL,'{\"shipping\":\"Parcels under 1,000 g ship for \\u20ac6.50; the fee on the item does not count.\"}','','','','2026-11-17 09:06:00','2026-11-17 09:06:02',NULL),
(10,1,10,1010,'i6DQ_jb-npA0gY1cx1EhIw','tomas.ibarrola@letters.example','tomas.ibarrola@letters.example','Tomás Ibarrola','Calle del Molino 5','31491','Valdehierba','ES','EUR',2940,0,980,0,0,'0',1,3920,1606,NULL,'{\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for \\u20ac9.80.\"}','','','','2026-11-19 16:35:00','2026-11-19 16:35:02',NULL),
(11,1,11,1011,'9Pxo0L5yvicxtqmr3or69w','maeve.cullinane@letters.example','maeve.cullinane@letters.example','Maeve Cullinane','Weir Cottage','','Mossfield','IE','EUR',2575,0,590,352,110,'23',1,3165,1263,NULL,'{\"shipping\":\"Orders of \\u20ac20.00 to under \\u20ac40.00 ship for \\u20ac5.90; the fee on the item does not count.\",\"tax\":\"The prices contain this tax, \\u20ac1.10 of it on shipping.\"}','','','','2026-11-21 12:31:00','2026-11-21 12:31:02',NULL),
(12,1,12,1012,'iKtokHhL1HkmwPwPdF5_bQ','ada.nwosu.reed@letters.example','ada.nwosu.reed@letters.example','Ada Nwosu-Reed','12 Chandler Court','VT1 9DD','Tarnmouth','GB','EUR',980,0,650,0,0,'0',1,1630,509,NULL,'{\"shipping\":\"Parcels under 1,000 g ship for \\u20ac6.50.\"}','','','','2026-11-23 12:45:00','2026-11-23 12:45:02',NULL);
/*!40000 ALTER TABLE `orders` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `payments`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `payments` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `cart_id` bigint(20) unsigned DEFAULT NULL,
  `reference` char(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'ours; 128 random bits',
  `provider_id` varchar(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `hosted_url` varchar(500) DEFAULT NULL,
  `amount_minor` bigint(20) NOT NULL,
  `currency` char(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `payee` varchar(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `cart_digest` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `state` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `checkout` longtext NOT NULL COMMENT 'JSON: the bill and the shopper, frozen when the payment was opened',
  `created_at` datetime NOT NULL,
  `updated_at` datetime NOT NULL,
  `asks` tinyint(3) unsigned NOT NULL DEFAULT 0 COMMENT 'how often the provider was asked while nothing was heard',
  `void_wanted_at` datetime DEFAULT NULL COMMENT 'since when what is held is to be given back',
  `voided_at` datetime DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `payments_reference_unique` (`reference`),
  UNIQUE KEY `payments_provider_id_unique` (`provider_id`),
  KEY `payments_cart_id_state_index` (`cart_id`,`state`),
  KEY `payments_state_asks_created_at_index` (`state`,`asks`,`created_at`),
  KEY `payments_shop_id_void_wanted_at_index` (`shop_id`,`void_wanted_at`),
  CONSTRAINT `payments_cart_id_foreign` FOREIGN KEY (`cart_id`) REFERENCES `carts` (`id`) ON DELETE SET NULL,
  CONSTRAINT `payments_amount_not_negative` CHECK (`amount_minor` >= 0),
  CONSTRAINT `payments_checkout_is_json` CHECK (json_valid(`checkout`))
) ENGINE=InnoDB AUTO_INCREMENT=14 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `payments` WRITE;
/*!40000 ALTER TABLE `payments` DISABLE KEYS */;
INSERT INTO `payments` VALUES
(1,1,NULL,'Fua2O7oXjEera36O9yBmaw','pm-demo-01',NULL,1370,'EUR','mosslight-apiary','77d882b5a750a65544330db6822c361831285d3241a66fd2855c878463252e5d','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":1,\"unitMinor\":980,\"subtotalMinor\":980,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":570}],\"shopper\":{\"email\":\"orla.finnerty@letters.example\",\"name\":\"Orla Finnerty\",\"street\":\"3 Alder Row\",\"postcode\":\"T12 K4P2\",\"town\":\"Tarnbridge\",\"country\":\"IE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":980,\"discountMinor\":0,\"shippingMinor\":390,\"taxMinor\":73,\"taxIsContained\":true,\"profitMinor\":514,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Orders under €20.00 ship for €3.90.\",\"tax\":\"The prices contain this tax, €0.73 of it on shipping.\"},\"shippingTaxMinor\":73,\"shippingTaxRate\":\"23\"}','2026-11-01 18:52:00','2026-11-01 18:52:00',0,NULL,NULL),
(2,1,NULL,'QW6rcTisBkQyS8ExPJazEg','pm-demo-02',NULL,3240,'EUR','mosslight-apiary','416576ea1d83dea814c9a74069b2896aca64a086f429c575d020a0170a4bebaa','ordered','{\"v\":1,\"lines\":[{\"productId\":3,\"variantId\":null,\"placementId\":2,\"sku\":\"candle\",\"name\":\"Tall beeswax candle\",\"choices\":\"\",\"picture\":\"/drawings/tall-candle.svg\",\"quantity\":2,\"unitMinor\":1295,\"subtotalMinor\":2590,\"discountMinor\":0,\"taxMinor\":414,\"because\":\"\",\"taxClass\":\"standard\",\"taxRate\":\"19\",\"profitMinor\":1136}],\"shopper\":{\"email\":\"jonas.ackerfeld@letters.example\",\"name\":\"Jonas Ackerfeld\",\"street\":\"Lindenweg 8\",\"postcode\":\"24937\",\"town\":\"Moorhafen\",\"country\":\"DE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2590,\"discountMinor\":0,\"shippingMinor\":650,\"taxMinor\":518,\"taxIsContained\":true,\"profitMinor\":1044,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels under 1,000 g ship for €6.50; the fee on the item does not count.\",\"tax\":\"The prices contain this tax, €1.04 of it on shipping.\"},\"shippingTaxMinor\":104,\"shippingTaxRate\":\"19\"}','2026-11-03 12:09:00','2026-11-03 12:09:00',0,NULL,NULL),
(3,1,NULL,'Guewk-lXTVw-rz38OkMywA','pm-demo-03',NULL,3665,'EUR','mosslight-apiary','84f0595d2adee00d2b1edd56b066750465fba8a26a2ee402207745913db812ed','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":2,\"unitMinor\":980,\"subtotalMinor\":1960,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":1140},{\"productId\":4,\"variantId\":2,\"placementId\":null,\"sku\":\"wrap-s-clover\",\"name\":\"Beeswax food wrap\",\"choices\":\"Small · Clover\",\"picture\":\"/drawings/food-wrap.svg\",\"quantity\":1,\"unitMinor\":725,\"subtotalMinor\":725,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"The choice sets the price to €6.50; the choices add €0.75.\",\"taxClass\":\"standard\",\"taxRate\":\"0\",\"profitMinor\":525}],\"shopper\":{\"email\":\"priya.larkspur@letters.example\",\"name\":\"Priya Larkspur\",\"street\":\"41 Quarry Lane\",\"postcode\":\"VT6 2QL\",\"town\":\"Upper Tarn\",\"country\":\"GB\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2685,\"discountMinor\":0,\"shippingMinor\":980,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":1565,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for €9.80.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-05 18:20:00','2026-11-05 18:20:00',0,NULL,NULL),
(4,1,NULL,'c7yvbL2ooBmt7gmtbSEhIQ','pm-demo-04',NULL,1290,'EUR','mosslight-apiary','1d8c191ddfffb0d7e5ddd579ba76a42c61c277983e54affa1eaa1c75ab336049','ordered','{\"v\":1,\"lines\":[{\"productId\":2,\"variantId\":null,\"placementId\":null,\"sku\":\"honey-170\",\"name\":\"Willow honey, 170 g\",\"choices\":\"\",\"picture\":\"/drawings/small-jar.svg\",\"quantity\":1,\"unitMinor\":640,\"subtotalMinor\":640,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":410}],\"shopper\":{\"email\":\"tomas.ibarrola@letters.example\",\"name\":\"Tomás Ibarrola\",\"street\":\"Calle del Molino 5\",\"postcode\":\"31491\",\"town\":\"Valdehierba\",\"country\":\"ES\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":640,\"discountMinor\":0,\"shippingMinor\":650,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":355,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels under 1,000 g ship for €6.50.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-07 19:04:00','2026-11-07 19:04:00',0,NULL,NULL),
(5,1,NULL,'Ue1oXYzzQnKAmuzkxb7lrA','pm-demo-05',NULL,1370,'EUR','mosslight-apiary','77d882b5a750a65544330db6822c361831285d3241a66fd2855c878463252e5d','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":1,\"unitMinor\":980,\"subtotalMinor\":980,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":570}],\"shopper\":{\"email\":\"maeve.cullinane@letters.example\",\"name\":\"Maeve Cullinane\",\"street\":\"Weir Cottage\",\"postcode\":\"\",\"town\":\"Mossfield\",\"country\":\"IE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":980,\"discountMinor\":0,\"shippingMinor\":390,\"taxMinor\":73,\"taxIsContained\":true,\"profitMinor\":514,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Orders under €20.00 ship for €3.90.\",\"tax\":\"The prices contain this tax, €0.73 of it on shipping.\"},\"shippingTaxMinor\":73,\"shippingTaxRate\":\"23\"}','2026-11-09 10:30:00','2026-11-09 10:30:00',0,NULL,NULL),
(6,1,NULL,'qk4WmZivwDveKrIcgvPJAg','pm-demo-06',NULL,5383,'EUR','mosslight-apiary','6a818dd87f745c0f6d101235296a8ca7a56ce4815a614520340a75a4d851239e','ordered','{\"v\":1,\"lines\":[{\"productId\":3,\"variantId\":null,\"placementId\":2,\"sku\":\"candle\",\"name\":\"Tall beeswax candle\",\"choices\":\"\",\"picture\":\"/drawings/tall-candle.svg\",\"quantity\":4,\"unitMinor\":1295,\"subtotalMinor\":5180,\"discountMinor\":777,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"standard\",\"taxRate\":\"0\",\"profitMinor\":2323}],\"shopper\":{\"email\":\"ada.nwosu.reed@letters.example\",\"name\":\"Ada Nwosu-Reed\",\"street\":\"12 Chandler Court\",\"postcode\":\"VT1 9DD\",\"town\":\"Tarnmouth\",\"country\":\"GB\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":5180,\"discountMinor\":777,\"shippingMinor\":980,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":2191,\"couponId\":1,\"couponCode\":\"BLOSSOM\",\"reasons\":{\"discount\":\"Coupon “BLOSSOM” takes 15 % off.\",\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for €9.80; the fee on the item does not count.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-11 13:25:00','2026-11-11 13:25:00',0,NULL,NULL),
(7,1,NULL,'hrc40J_bzbd9Ml8aYfDzmg','pm-demo-07',NULL,2865,'EUR','mosslight-apiary','94c127257d43782fae2ea14e7994bb7b82155f387d317854293d1c15e995df27','ordered','{\"v\":1,\"lines\":[{\"productId\":4,\"variantId\":9,\"placementId\":null,\"sku\":\"wrap-l-plain\",\"name\":\"Beeswax food wrap\",\"choices\":\"Large · Plain\",\"picture\":\"/drawings/food-wrap.svg\",\"quantity\":1,\"unitMinor\":1100,\"subtotalMinor\":1100,\"discountMinor\":0,\"taxMinor\":206,\"because\":\"The choice sets the price to €11.00.\",\"taxClass\":\"standard\",\"taxRate\":\"23\",\"profitMinor\":694},{\"productId\":4,\"variantId\":10,\"placementId\":null,\"sku\":\"wrap-l-clover\",\"name\":\"Beeswax food wrap\",\"choices\":\"Large · Clover\",\"picture\":\"/drawings/food-wrap.svg\",\"quantity\":1,\"unitMinor\":1175,\"subtotalMinor\":1175,\"discountMinor\":0,\"taxMinor\":220,\"because\":\"The choice sets the price to €11.00; the choices add €0.75.\",\"taxClass\":\"standard\",\"taxRate\":\"23\",\"profitMinor\":755}],\"shopper\":{\"email\":\"orla.finnerty@letters.example\",\"name\":\"Orla Finnerty\",\"street\":\"3 Alder Row\",\"postcode\":\"T12 K4P2\",\"town\":\"Tarnbridge\",\"country\":\"IE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2275,\"discountMinor\":0,\"shippingMinor\":590,\"taxMinor\":536,\"taxIsContained\":true,\"profitMinor\":1365,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Orders of €20.00 to under €40.00 ship for €5.90.\",\"tax\":\"The prices contain this tax, €1.10 of it on shipping.\"},\"shippingTaxMinor\":110,\"shippingTaxRate\":\"23\"}','2026-11-13 19:59:00','2026-11-13 19:59:00',0,NULL,NULL),
(8,1,NULL,'EjEI2x8q7DPkvat-dTL35A','pm-demo-08',NULL,2270,'EUR','mosslight-apiary','d56367cdbd1651a5740764e84f4e5e44695c1abb0bce8384c383990a8194554b','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":1,\"unitMinor\":980,\"subtotalMinor\":980,\"discountMinor\":0,\"taxMinor\":64,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"7\",\"profitMinor\":506},{\"productId\":2,\"variantId\":null,\"placementId\":null,\"sku\":\"honey-170\",\"name\":\"Willow honey, 170 g\",\"choices\":\"\",\"picture\":\"/drawings/small-jar.svg\",\"quantity\":1,\"unitMinor\":640,\"subtotalMinor\":640,\"discountMinor\":0,\"taxMinor\":42,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"7\",\"profitMinor\":368}],\"shopper\":{\"email\":\"jonas.ackerfeld@letters.example\",\"name\":\"Jonas Ackerfeld\",\"street\":\"Lindenweg 8\",\"postcode\":\"24937\",\"town\":\"Moorhafen\",\"country\":\"DE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":1620,\"discountMinor\":0,\"shippingMinor\":650,\"taxMinor\":210,\"taxIsContained\":true,\"profitMinor\":801,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels under 1,000 g ship for €6.50.\",\"tax\":\"The prices contain this tax, €1.04 of it on shipping.\"},\"shippingTaxMinor\":104,\"shippingTaxRate\":\"19\"}','2026-11-15 08:22:00','2026-11-15 08:22:00',0,NULL,NULL),
(9,1,NULL,'ayXGxI-WQGDNed38We4eLA','pm-demo-09',NULL,3240,'EUR','mosslight-apiary','fcc70cda1910b3e0c8e8be85f59d92a1eeba12163bbc9f61345b48d659c36bfd','ordered','{\"v\":1,\"lines\":[{\"productId\":3,\"variantId\":null,\"placementId\":2,\"sku\":\"candle\",\"name\":\"Tall beeswax candle\",\"choices\":\"\",\"picture\":\"/drawings/tall-candle.svg\",\"quantity\":2,\"unitMinor\":1295,\"subtotalMinor\":2590,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"standard\",\"taxRate\":\"0\",\"profitMinor\":1550}],\"shopper\":{\"email\":\"priya.larkspur@letters.example\",\"name\":\"Priya Larkspur\",\"street\":\"41 Quarry Lane\",\"postcode\":\"VT6 2QL\",\"town\":\"Upper Tarn\",\"country\":\"GB\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2590,\"discountMinor\":0,\"shippingMinor\":650,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":1458,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels under 1,000 g ship for €6.50; the fee on the item does not count.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-17 09:06:00','2026-11-17 09:06:00',0,NULL,NULL),
(10,1,NULL,'EVyjqBna8PlialiEYJfsNA','pm-demo-10',NULL,3920,'EUR','mosslight-apiary','70c1e2a1aaff4321678d31e0a169ce6c59ba7f8cc41d60988278eb2dde689ea4','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":3,\"unitMinor\":980,\"subtotalMinor\":2940,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":1710}],\"shopper\":{\"email\":\"tomas.ibarrola@letters.example\",\"name\":\"Tomás Ibarrola\",\"street\":\"Calle del Molino 5\",\"postcode\":\"31491\",\"town\":\"Valdehierba\",\"country\":\"ES\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2940,\"discountMinor\":0,\"shippingMinor\":980,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":1606,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels of 1,000 g to under 5,000 g ship for €9.80.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-19 16:35:00','2026-11-19 16:35:00',0,NULL,NULL),
(11,1,NULL,'YByqI8GKnXS_KU6pQKCRcg','pm-demo-11',NULL,3165,'EUR','mosslight-apiary','22d36f3c1f9063108354cd615163d1a4371fe512f3e85619efee0f94208d163e','ordered','{\"v\":1,\"lines\":[{\"productId\":2,\"variantId\":null,\"placementId\":null,\"sku\":\"honey-170\",\"name\":\"Willow honey, 170 g\",\"choices\":\"\",\"picture\":\"/drawings/small-jar.svg\",\"quantity\":2,\"unitMinor\":640,\"subtotalMinor\":1280,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":820},{\"productId\":3,\"variantId\":null,\"placementId\":2,\"sku\":\"candle\",\"name\":\"Tall beeswax candle\",\"choices\":\"\",\"picture\":\"/drawings/tall-candle.svg\",\"quantity\":1,\"unitMinor\":1295,\"subtotalMinor\":1295,\"discountMinor\":0,\"taxMinor\":242,\"because\":\"\",\"taxClass\":\"standard\",\"taxRate\":\"23\",\"profitMinor\":533}],\"shopper\":{\"email\":\"maeve.cullinane@letters.example\",\"name\":\"Maeve Cullinane\",\"street\":\"Weir Cottage\",\"postcode\":\"\",\"town\":\"Mossfield\",\"country\":\"IE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2575,\"discountMinor\":0,\"shippingMinor\":590,\"taxMinor\":352,\"taxIsContained\":true,\"profitMinor\":1263,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Orders of €20.00 to under €40.00 ship for €5.90; the fee on the item does not count.\",\"tax\":\"The prices contain this tax, €1.10 of it on shipping.\"},\"shippingTaxMinor\":110,\"shippingTaxRate\":\"23\"}','2026-11-21 12:31:00','2026-11-21 12:31:00',0,NULL,NULL),
(12,1,NULL,'mVlREKDa7bUASB3FVskMZw','pm-demo-12',NULL,1630,'EUR','mosslight-apiary','7f0ba08aa83a227871bdda6315880b69dd7055018301e49edf6af254f92b2075','ordered','{\"v\":1,\"lines\":[{\"productId\":1,\"variantId\":null,\"placementId\":1,\"sku\":\"honey-340\",\"name\":\"Heather honey, 340 g\",\"choices\":\"\",\"picture\":\"/drawings/honey-jar.svg\",\"quantity\":1,\"unitMinor\":980,\"subtotalMinor\":980,\"discountMinor\":0,\"taxMinor\":0,\"because\":\"\",\"taxClass\":\"food\",\"taxRate\":\"0\",\"profitMinor\":570}],\"shopper\":{\"email\":\"ada.nwosu.reed@letters.example\",\"name\":\"Ada Nwosu-Reed\",\"street\":\"12 Chandler Court\",\"postcode\":\"VT1 9DD\",\"town\":\"Tarnmouth\",\"country\":\"GB\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":980,\"discountMinor\":0,\"shippingMinor\":650,\"taxMinor\":0,\"taxIsContained\":true,\"profitMinor\":509,\"couponId\":null,\"couponCode\":null,\"reasons\":{\"shipping\":\"Parcels under 1,000 g ship for €6.50.\"},\"shippingTaxMinor\":0,\"shippingTaxRate\":\"0\"}','2026-11-23 12:45:00','2026-11-23 12:45:00',0,NULL,NULL),
(13,1,13,'openpayment-of-before-','pm-before',NULL,2923,'EUR','mosslight-apiary','3e0ee1df14d58a4cde88c6c4e1404d9a78f5d2d379cd5da729d1207a228e4161','open','{\"v\":1,\"lines\":[{\"productId\":4,\"variantId\":2,\"placementId\":1,\"sku\":\"wrap-s-clover\",\"name\":\"Beeswax food wrap\",\"choices\":\"Small · Clover\",\"picture\":\"/drawings/food-wrap.svg\",\"quantity\":2,\"unitMinor\":725,\"subtotalMinor\":1450,\"discountMinor\":218,\"taxMinor\":230,\"because\":\"The choice sets the price to €6.50; the choices add €0.75.\",\"taxClass\":\"standard\",\"taxRate\":\"23\",\"profitMinor\":602},{\"productId\":3,\"variantId\":null,\"placementId\":null,\"sku\":\"candle\",\"name\":\"Tall beeswax candle\",\"choices\":\"\",\"picture\":\"/drawings/tall-candle.svg\",\"quantity\":1,\"unitMinor\":1295,\"subtotalMinor\":1295,\"discountMinor\":194,\"taxMinor\":206,\"because\":\"\",\"taxClass\":\"standard\",\"taxRate\":\"23\",\"profitMinor\":375}],\"shopper\":{\"email\":\"ada@letters.example\",\"name\":\"Ada Nwosu-Reed\",\"street\":\"12 Chandler Court\",\"postcode\":\"VT1 9DD\",\"town\":\"Tarnmouth\",\"country\":\"IE\",\"company\":\"\",\"phone\":\"\",\"comment\":\"\"},\"itemsMinor\":2745,\"discountMinor\":412,\"shippingMinor\":590,\"taxMinor\":546,\"taxIsContained\":true,\"profitMinor\":891,\"couponId\":1,\"couponCode\":\"BLOSSOM\",\"reasons\":{\"discount\":\"Coupon “BLOSSOM” takes 15 % off.\",\"shipping\":\"Orders of €20.00 to under €40.00 ship for €5.90; the fee on the item does not count.\",\"tax\":\"The prices contain this tax, €1.10 of it on shipping.\"},\"shippingTaxMinor\":110,\"shippingTaxRate\":\"23\"}','2026-11-26 22:53:20','2026-11-26 22:53:20',0,NULL,NULL);
/*!40000 ALTER TABLE `payments` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `people`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `people` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  `email` varchar(254) NOT NULL,
  `email_key` varchar(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '' COMMENT 'the address as it is compared',
  `password` varchar(255) NOT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `people_email_key_unique` (`email_key`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `people` WRITE;
/*!40000 ALTER TABLE `people` DISABLE KEYS */;
INSERT INTO `people` VALUES
(1,'Wren Halloway','wren@mosslight.example','wren@mosslight.example','none','2026-11-26 22:53:20','2026-11-26 22:53:20');
/*!40000 ALTER TABLE `people` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `pictures`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pictures` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned DEFAULT NULL COMMENT 'null: uploaded, and not yet of a saved product',
  `position` smallint(5) unsigned NOT NULL DEFAULT 0,
  `file` varchar(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `width` smallint(5) unsigned NOT NULL,
  `height` smallint(5) unsigned NOT NULL,
  `alt` varchar(200) NOT NULL DEFAULT '',
  `created_at` datetime NOT NULL,
  PRIMARY KEY (`id`),
  KEY `pictures_product_id_position_index` (`product_id`,`position`),
  KEY `pictures_shop_id_product_id_index` (`shop_id`,`product_id`),
  CONSTRAINT `pictures_product_id_foreign` FOREIGN KEY (`product_id`) REFERENCES `products` (`id`) ON DELETE CASCADE,
  CONSTRAINT `pictures_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `pictures` WRITE;
/*!40000 ALTER TABLE `pictures` DISABLE KEYS */;
/*!40000 ALTER TABLE `pictures` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `placements`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `placements` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `offer_id` bigint(20) unsigned NOT NULL,
  `code` char(7) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `page` varchar(120) NOT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `medium` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'html',
  `label` varchar(40) DEFAULT NULL COMMENT 'for the results',
  `caption` varchar(40) DEFAULT NULL COMMENT 'null: as the offer says',
  `paused_at` datetime DEFAULT NULL,
  `copied` char(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'SHA-256 of what was copied last; null: never copied',
  `copied_at` datetime DEFAULT NULL,
  `is_stale` tinyint(1) NOT NULL DEFAULT 0 COMMENT 'whether the copy no longer says what the offer says',
  `price_table_id` bigint(20) unsigned DEFAULT NULL,
  `table_position` tinyint(3) unsigned DEFAULT NULL,
  `is_stressed` tinyint(1) DEFAULT NULL COMMENT '1 or null, so that a table stresses one column at most',
  PRIMARY KEY (`id`),
  UNIQUE KEY `placements_code_unique` (`code`),
  UNIQUE KEY `placements_price_table_id_table_position_unique` (`price_table_id`,`table_position`),
  UNIQUE KEY `placements_price_table_id_is_stressed_unique` (`price_table_id`,`is_stressed`),
  KEY `placements_shop_id_offer_id_foreign` (`shop_id`,`offer_id`),
  KEY `placements_shop_id_price_table_id_foreign` (`shop_id`,`price_table_id`),
  KEY `placements_shop_id_is_stale_id_index` (`shop_id`,`is_stale`,`id`),
  KEY `placements_offer_id_id_index` (`offer_id`,`id`),
  CONSTRAINT `placements_shop_id_offer_id_foreign` FOREIGN KEY (`shop_id`, `offer_id`) REFERENCES `offers` (`shop_id`, `id`),
  CONSTRAINT `placements_shop_id_price_table_id_foreign` FOREIGN KEY (`shop_id`, `price_table_id`) REFERENCES `price_tables` (`shop_id`, `id`),
  CONSTRAINT `placements_in_a_table_or_not` CHECK (`price_table_id` is null = (`table_position` is null)),
  CONSTRAINT `placements_stressed_or_null` CHECK (`is_stressed` = 1)
) ENGINE=InnoDB AUTO_INCREMENT=8 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `placements` WRITE;
/*!40000 ALTER TABLE `placements` DISABLE KEYS */;
INSERT INTO `placements` VALUES
(1,1,1,'j6n8x68','Hedge & Hollow: April in the apiary','2026-11-26 22:53:20','2026-11-26 22:53:20','html',NULL,NULL,NULL,NULL,NULL,0,NULL,NULL,NULL),
(2,1,2,'g8twfx9','Candle workshop page','2026-11-26 22:53:20','2026-11-26 22:53:20','html',NULL,NULL,NULL,'3a71790d50794df84ea368f9ce42c701a6f6a358ad1afed3c0dcfa84860fa7fc','2026-11-06 22:53:20',1,NULL,NULL,NULL),
(3,1,1,'a5dszwn','Jar label','2026-11-26 22:53:20','2026-11-26 22:53:20','qr','jar',NULL,NULL,NULL,NULL,0,NULL,NULL,NULL),
(4,1,6,'ckt3agn','May letter','2026-11-26 22:53:20','2026-11-26 22:53:20','email','may-letter',NULL,NULL,NULL,NULL,0,NULL,NULL,NULL),
(5,1,4,'ecq5s8k','Honey by the jar','2026-11-26 22:53:20','2026-11-26 22:53:20','price_table',NULL,NULL,NULL,NULL,NULL,0,1,0,NULL),
(6,1,1,'gzvy61a','Honey by the jar','2026-11-26 22:53:20','2026-11-26 22:53:20','price_table',NULL,NULL,NULL,NULL,NULL,0,1,1,1),
(7,1,5,'fpjxka3','Honey by the jar','2026-11-26 22:53:20','2026-11-26 22:53:20','price_table',NULL,NULL,NULL,NULL,NULL,0,1,2,NULL);
/*!40000 ALTER TABLE `placements` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `price_tables`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `price_tables` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `name` varchar(80) NOT NULL,
  `copied` char(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'SHA-256 of what was copied last; null: never copied',
  `copied_at` datetime DEFAULT NULL,
  `is_stale` tinyint(1) NOT NULL DEFAULT 0 COMMENT 'whether the copy no longer says what the offers say',
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `put_away_at` datetime DEFAULT NULL COMMENT 'null: offered for use',
  PRIMARY KEY (`id`),
  UNIQUE KEY `price_tables_shop_id_name_unique` (`shop_id`,`name`),
  UNIQUE KEY `price_tables_shop_id_id_unique` (`shop_id`,`id`),
  CONSTRAINT `price_tables_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `price_tables` WRITE;
/*!40000 ALTER TABLE `price_tables` DISABLE KEYS */;
INSERT INTO `price_tables` VALUES
(1,1,'Honey by the jar',NULL,NULL,0,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL);
/*!40000 ALTER TABLE `price_tables` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `products`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `products` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `sku` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  `name` varchar(160) NOT NULL,
  `summary` text DEFAULT NULL COMMENT 'HTML, sanitised',
  `description` mediumtext DEFAULT NULL COMMENT 'HTML, sanitised',
  `currency` char(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `price_minor` bigint(20) NOT NULL,
  `sale_minor` bigint(20) DEFAULT NULL,
  `sale_from` datetime DEFAULT NULL,
  `sale_until` datetime DEFAULT NULL,
  `cost_minor` bigint(20) DEFAULT NULL,
  `tax_class` varchar(40) NOT NULL DEFAULT 'standard',
  `weight` varchar(20) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'as typed, in its unit',
  `weight_unit` varchar(2) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'g',
  `weight_g` int(10) unsigned NOT NULL DEFAULT 0,
  `shipping_first_minor` bigint(20) DEFAULT NULL,
  `shipping_more_minor` bigint(20) DEFAULT NULL,
  `picture` varchar(32) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'a shipped drawing, where no picture was uploaded',
  `lead_picture` varchar(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL COMMENT 'the first of its uploaded pictures',
  `lead_alt` varchar(200) DEFAULT NULL,
  `stock` int(11) DEFAULT NULL COMMENT 'null: not tracked',
  `allows_back_order` tinyint(1) NOT NULL DEFAULT 0,
  `low_stock` int(10) unsigned DEFAULT NULL COMMENT 'at this many the seller is told',
  `options` longtext DEFAULT NULL COMMENT 'JSON: options with their choices',
  `has_variants` tinyint(1) NOT NULL DEFAULT 0,
  `traits` longtext DEFAULT NULL COMMENT 'JSON: attributes, each with its values',
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `buttons` longtext DEFAULT NULL COMMENT 'JSON: buttons by surface where they differ from the shop’s',
  `is_draft` tinyint(1) NOT NULL DEFAULT 0 COMMENT 'shown nowhere, and can’t be bought',
  PRIMARY KEY (`id`),
  UNIQUE KEY `products_shop_id_sku_unique` (`shop_id`,`sku`),
  UNIQUE KEY `products_shop_id_id_unique` (`shop_id`,`id`),
  KEY `products_shop_id_name_id_index` (`shop_id`,`name`,`id`),
  CONSTRAINT `products_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`),
  CONSTRAINT `products_price_not_negative` CHECK (`price_minor` >= 0),
  CONSTRAINT `products_sale_within_price` CHECK (`sale_minor` is null or `sale_minor` between 0 and `price_minor`),
  CONSTRAINT `products_sale_ends_after_it_begins` CHECK (`sale_from` is null or `sale_until` is null or `sale_from` < `sale_until`),
  CONSTRAINT `products_cost_not_negative` CHECK (`cost_minor` >= 0),
  CONSTRAINT `products_item_shipping_whole` CHECK (`shipping_first_minor` is null = (`shipping_more_minor` is null) and `shipping_first_minor` >= 0 and `shipping_more_minor` >= 0),
  CONSTRAINT `products_stock_not_negative` CHECK (`stock` >= 0),
  CONSTRAINT `products_options_are_json` CHECK (`options` is null or json_valid(`options`)),
  CONSTRAINT `products_traits_are_json` CHECK (`traits` is null or json_valid(`traits`)),
  CONSTRAINT `products_buttons_are_json` CHECK (`buttons` is null or json_valid(`buttons`))
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `products` WRITE;
/*!40000 ALTER TABLE `products` DISABLE KEYS */;
INSERT INTO `products` VALUES
(1,1,'honey-340','Heather honey, 340 g','<p>Late, dark and slow to pour, from the heather above the tarn.</p>','<p>Pressed rather than spun, since heather honey will not leave the comb in a hurry. It keeps its small bubbles and a little bitterness.</p><p>Stores for years in a cool cupboard.</p>','EUR',980,840,'2026-12-05 00:00:00','2026-12-19 00:00:00',410,'food','520','g',520,NULL,NULL,'honey-jar',NULL,NULL,33,0,10,NULL,0,'[{\"name\":\"Harvest\",\"values\":[\"August\"]},{\"name\":\"Tastes of\",\"values\":[\"toffee\",\"woodsmoke\"]}]','2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,0),
(2,1,'honey-170','Willow honey, 170 g','<p>The first honey of the year, light and quick to set.</p>',NULL,'EUR',640,NULL,NULL,NULL,230,'food','290','g',290,NULL,NULL,'small-jar',NULL,NULL,14,0,15,NULL,0,'[{\"name\":\"Harvest\",\"values\":[\"May\"]}]','2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,0),
(3,1,'candle','Tall beeswax candle','<p>Dipped forty times, burns for about eleven hours.</p>',NULL,'EUR',1295,NULL,NULL,NULL,520,'standard','310','g',310,300,100,'tall-candle',NULL,NULL,NULL,0,NULL,NULL,0,NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,0),
(4,1,'wrap','Beeswax food wrap','<p>Cotton and beeswax, in place of cling film. Wash it cold and it lasts a year.</p>',NULL,'EUR',700,NULL,NULL,NULL,200,'standard','60','g',60,NULL,NULL,'food-wrap',NULL,NULL,NULL,0,NULL,'[{\"name\":\"Size\",\"choices\":[{\"name\":\"Small\",\"price\":650},{\"name\":\"Medium\",\"price\":850},{\"name\":\"Large\",\"price\":1100}]},{\"name\":\"Print\",\"choices\":[{\"name\":\"Plain\"},{\"name\":\"Clover\",\"adds\":75},{\"name\":\"Foxglove\",\"adds\":75},{\"name\":\"Meadow\",\"adds\":120}]}]',1,NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,0),
(5,1,'starter-hive','Starter hive','<p>Cedar, with two supers and a floor that can be cleaned without lifting.</p>',NULL,'EUR',34900,NULL,NULL,NULL,19000,'standard','14.5','kg',14500,NULL,NULL,'hive',NULL,NULL,0,0,NULL,NULL,0,NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,0),
(6,1,'soap','Propolis soap, 90 g','<p>Still curing on the shelf; on sale once it is hard enough.</p>',NULL,'EUR',560,NULL,NULL,NULL,190,'standard','95','g',95,NULL,NULL,'soap',NULL,NULL,60,0,NULL,NULL,0,NULL,'2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,1);
/*!40000 ALTER TABLE `products` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `rechecks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `rechecks` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(8) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'what has changed: product, offer, look, shop',
  `subject_id` bigint(20) unsigned NOT NULL,
  `changes` int(10) unsigned NOT NULL DEFAULT 1 COMMENT 'counts on, so that a change during the check is checked again',
  PRIMARY KEY (`shop_id`,`kind`,`subject_id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `rechecks` WRITE;
/*!40000 ALTER TABLE `rechecks` DISABLE KEYS */;
/*!40000 ALTER TABLE `rechecks` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `refused_events`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `refused_events` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `payment_id` bigint(20) unsigned NOT NULL,
  `reason` varchar(500) NOT NULL,
  `times` int(10) unsigned NOT NULL DEFAULT 1,
  `last_at` datetime NOT NULL,
  `reason_digest` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `refused_events_payment_id_reason_digest_unique` (`payment_id`,`reason_digest`),
  KEY `refused_events_shop_id_last_at_index` (`shop_id`,`last_at`),
  CONSTRAINT `refused_events_payment_id_foreign` FOREIGN KEY (`payment_id`) REFERENCES `payments` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `refused_events` WRITE;
/*!40000 ALTER TABLE `refused_events` DISABLE KEYS */;
/*!40000 ALTER TABLE `refused_events` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `sessions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sessions` (
  `id` varchar(255) NOT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `ip_address` varchar(45) DEFAULT NULL,
  `user_agent` text DEFAULT NULL,
  `payload` longtext NOT NULL,
  `last_activity` int(11) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `sessions_user_id_index` (`user_id`),
  KEY `sessions_last_activity_index` (`last_activity`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `sessions` WRITE;
/*!40000 ALTER TABLE `sessions` DISABLE KEYS */;
/*!40000 ALTER TABLE `sessions` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shop_revisions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_revisions` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `revision` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`shop_id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shop_revisions` WRITE;
/*!40000 ALTER TABLE `shop_revisions` DISABLE KEYS */;
/*!40000 ALTER TABLE `shop_revisions` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shop_series`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_series` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `series` varchar(16) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `last_number` int(10) unsigned NOT NULL,
  PRIMARY KEY (`shop_id`,`series`),
  CONSTRAINT `shop_series_shop_id_foreign` FOREIGN KEY (`shop_id`) REFERENCES `shops` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shop_series` WRITE;
/*!40000 ALTER TABLE `shop_series` DISABLE KEYS */;
INSERT INTO `shop_series` VALUES
(1,'order',1012);
/*!40000 ALTER TABLE `shop_series` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shopper_links`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shopper_links` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `email_key` varchar(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '',
  `token` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SHA-256 of what the mail holds',
  `order_id` bigint(20) unsigned DEFAULT NULL COMMENT 'the order it opens; null: it signs in',
  `expires_at` datetime NOT NULL,
  `used_at` datetime DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `shopper_links_token_unique` (`token`),
  KEY `shopper_links_shop_id_foreign` (`shop_id`),
  KEY `shopper_links_order_id_foreign` (`order_id`),
  KEY `shopper_links_expires_at_index` (`expires_at`),
  CONSTRAINT `shopper_links_order_id_foreign` FOREIGN KEY (`order_id`) REFERENCES `orders` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shopper_links` WRITE;
/*!40000 ALTER TABLE `shopper_links` DISABLE KEYS */;
/*!40000 ALTER TABLE `shopper_links` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shopper_sessions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shopper_sessions` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `visitor` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'SHA-256 of the cookie',
  `email_key` varchar(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '',
  `expires_at` datetime NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `shopper_sessions_shop_id_visitor_unique` (`shop_id`,`visitor`),
  KEY `shopper_sessions_expires_at_index` (`expires_at`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shopper_sessions` WRITE;
/*!40000 ALTER TABLE `shopper_sessions` DISABLE KEYS */;
/*!40000 ALTER TABLE `shopper_sessions` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `shops`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shops` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `slug` varchar(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `name` varchar(120) NOT NULL,
  `host` varchar(190) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `currency` char(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `accent` char(7) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '#2f5d4e',
  `rules` longtext DEFAULT NULL COMMENT 'JSON: tax, shipping, fees, as a quote document’s shop; null: nothing is set yet',
  `home_country` char(2) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'IE' COMMENT 'for a bill whose country nobody has said yet',
  `take_to` varchar(8) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'cart' COMMENT 'where an open link leads that does not say so',
  `checkout_rules` longtext DEFAULT NULL COMMENT 'JSON: fields, comment, coupon field, texts, addresses afterwards; null: as built in',
  `payee` varchar(64) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `look_id` bigint(20) unsigned DEFAULT NULL COMMENT 'for offers that name none; null: the first of its looks',
  `words` longtext DEFAULT NULL COMMENT 'JSON: what its buttons say in each state; null: as built in',
  `checkout_slug` varchar(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'checkout' COMMENT 'the first part of the checkout’s address',
  `shopfront` longtext DEFAULT NULL COMMENT 'JSON: buttons by surface, their words, what follows adding; null: as built in',
  `timezone` varchar(64) CHARACTER SET ascii COLLATE ascii_bin GENERATED ALWAYS AS (json_value(`rules`,'$.timezone')) STORED COMMENT 'IANA; in which its days are told',
  PRIMARY KEY (`id`),
  UNIQUE KEY `shops_slug_unique` (`slug`),
  UNIQUE KEY `shops_host_unique` (`host`),
  KEY `shops_id_look_id_foreign` (`id`,`look_id`),
  CONSTRAINT `shops_id_look_id_foreign` FOREIGN KEY (`id`, `look_id`) REFERENCES `looks` (`shop_id`, `id`),
  CONSTRAINT `shops_rules_are_json` CHECK (`rules` is null or json_valid(`rules`)),
  CONSTRAINT `shops_checkout_rules_are_json` CHECK (`checkout_rules` is null or json_valid(`checkout_rules`)),
  CONSTRAINT `shops_accent_is_a_colour` CHECK (`accent` regexp '^#[0-9a-f]{6}$'),
  CONSTRAINT `shops_words_are_json` CHECK (`words` is null or json_valid(`words`)),
  CONSTRAINT `shops_shopfront_is_json` CHECK (`shopfront` is null or json_valid(`shopfront`))
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `shops` WRITE;
/*!40000 ALTER TABLE `shops` DISABLE KEYS */;
INSERT INTO `shops` VALUES
(1,'mosslight','Mosslight Apiary','mosslight.localhost','EUR','#2f5d4e','{\"prices_include_tax\":true,\"timezone\":\"Europe/Dublin\",\"payment_fee\":{\"percent\":\"1.9\",\"fixed\":\"0.30\"},\"shipping_tax_class\":\"standard\",\"tax\":[{\"country\":\"IE\",\"class\":\"standard\",\"rate\":\"23\"},{\"country\":\"IE\",\"class\":\"food\",\"rate\":\"0\"},{\"country\":\"DE\",\"class\":\"standard\",\"rate\":\"19\"},{\"country\":\"DE\",\"class\":\"food\",\"rate\":\"7\"}],\"zones\":[{\"name\":\"Home\",\"countries\":[\"IE\"],\"free_from\":\"60.00\",\"table\":{\"by\":\"total\",\"limit\":null,\"bands\":[{\"from\":\"0.00\",\"fee\":\"3.90\"},{\"from\":\"20.00\",\"fee\":\"5.90\"},{\"from\":\"40.00\",\"fee\":\"4.90\"}]}},{\"name\":\"Europe\",\"countries\":[\"DE\",\"ES\",\"FR\",\"GB\"],\"free_from\":null,\"table\":{\"by\":\"weight\",\"limit\":20000,\"bands\":[{\"from\":0,\"fee\":\"6.50\"},{\"from\":1000,\"fee\":\"9.80\"},{\"from\":5000,\"fee\":\"15.00\"}]}},{\"name\":\"Elsewhere\",\"countries\":[\"*\"],\"free_from\":null,\"table\":{\"by\":\"quantity\",\"limit\":null,\"bands\":[{\"from\":0,\"fee\":\"14.00\"},{\"from\":4,\"fee\":\"22.00\"}]}}]}','IE','cart','{\"demands\":{\"email\":\"required\",\"name\":\"required\",\"company\":\"off\",\"street\":\"required\",\"postcode\":\"optional\",\"town\":\"required\",\"country\":\"required\",\"phone\":\"optional\",\"comment\":\"optional\"},\"couponPlace\":\"both\",\"terms\":\"<p>Honey is sold as it comes from the hive. Jars that arrive broken are replaced; send a picture within a week.</p>\",\"policy\":\"<p>Your address is used to send the parcel, and for nothing else.</p>\",\"afterPaying\":null,\"afterCancelling\":null,\"hosts\":[]}','mosslight-apiary','2026-11-26 22:53:20','2026-11-26 22:53:20',NULL,NULL,'checkout',NULL,'Europe/Dublin');
/*!40000 ALTER TABLE `shops` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `skus`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `skus` (
  `shop_id` bigint(20) unsigned NOT NULL,
  `sku` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `variant_id` bigint(20) unsigned DEFAULT NULL COMMENT 'null: the product, or a variant that is gone',
  `is_former` tinyint(1) NOT NULL DEFAULT 0 COMMENT 'left by what it named: it leads on, and never names other goods',
  PRIMARY KEY (`shop_id`,`sku`),
  KEY `skus_shop_id_product_id_foreign` (`shop_id`,`product_id`),
  KEY `skus_variant_id_foreign` (`variant_id`),
  CONSTRAINT `skus_shop_id_product_id_foreign` FOREIGN KEY (`shop_id`, `product_id`) REFERENCES `products` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `skus_variant_id_foreign` FOREIGN KEY (`variant_id`) REFERENCES `variants` (`id`) ON DELETE SET NULL
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `skus` WRITE;
/*!40000 ALTER TABLE `skus` DISABLE KEYS */;
INSERT INTO `skus` VALUES
(1,'candle',3,NULL,0),
(1,'honey-170',2,NULL,0),
(1,'honey-340',1,NULL,0),
(1,'soap',6,NULL,0),
(1,'starter-hive',5,NULL,0),
(1,'wrap',4,NULL,0),
(1,'wrap-l-clover',4,10,0),
(1,'wrap-l-foxglove',4,11,0),
(1,'wrap-l-meadow',4,12,0),
(1,'wrap-l-plain',4,9,0),
(1,'wrap-m-clover',4,6,0),
(1,'wrap-m-foxglove',4,7,0),
(1,'wrap-m-meadow',4,8,0),
(1,'wrap-m-plain',4,5,0),
(1,'wrap-s-clover',4,2,0),
(1,'wrap-s-foxglove',4,3,0),
(1,'wrap-s-meadow',4,4,0),
(1,'wrap-s-plain',4,1,0);
/*!40000 ALTER TABLE `skus` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `stock_movements`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `stock_movements` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `product_id` bigint(20) unsigned NOT NULL,
  `variant_id` bigint(20) unsigned DEFAULT NULL,
  `order_id` bigint(20) unsigned NOT NULL,
  `order_line_id` bigint(20) unsigned NOT NULL,
  `pieces` int(11) NOT NULL COMMENT 'negative: left the shelf',
  `created_at` datetime NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `stock_movements_order_line_id_unique` (`order_line_id`),
  KEY `stock_movements_product_id_foreign` (`product_id`),
  KEY `stock_movements_variant_id_foreign` (`variant_id`),
  KEY `stock_movements_order_id_foreign` (`order_id`),
  CONSTRAINT `stock_movements_order_id_foreign` FOREIGN KEY (`order_id`) REFERENCES `orders` (`id`),
  CONSTRAINT `stock_movements_order_line_id_foreign` FOREIGN KEY (`order_line_id`) REFERENCES `order_lines` (`id`),
  CONSTRAINT `stock_movements_product_id_foreign` FOREIGN KEY (`product_id`) REFERENCES `products` (`id`),
  CONSTRAINT `stock_movements_variant_id_foreign` FOREIGN KEY (`variant_id`) REFERENCES `variants` (`id`) ON DELETE SET NULL
) ENGINE=InnoDB AUTO_INCREMENT=17 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `stock_movements` WRITE;
/*!40000 ALTER TABLE `stock_movements` DISABLE KEYS */;
INSERT INTO `stock_movements` VALUES
(1,1,NULL,1,1,-1,'2026-11-01 18:52:00'),
(2,3,NULL,2,2,-2,'2026-11-03 12:09:00'),
(3,1,NULL,3,3,-2,'2026-11-05 18:20:00'),
(4,4,2,3,4,-1,'2026-11-05 18:20:00'),
(5,2,NULL,4,5,-1,'2026-11-07 19:04:00'),
(6,1,NULL,5,6,-1,'2026-11-09 10:30:00'),
(7,3,NULL,6,7,-4,'2026-11-11 13:25:00'),
(8,4,9,7,8,-1,'2026-11-13 19:59:00'),
(9,4,10,7,9,-1,'2026-11-13 19:59:00'),
(10,1,NULL,8,10,-1,'2026-11-15 08:22:00'),
(11,2,NULL,8,11,-1,'2026-11-15 08:22:00'),
(12,3,NULL,9,12,-2,'2026-11-17 09:06:00'),
(13,1,NULL,10,13,-3,'2026-11-19 16:35:00'),
(14,2,NULL,11,14,-2,'2026-11-21 12:31:00'),
(15,3,NULL,11,15,-1,'2026-11-21 12:31:00'),
(16,1,NULL,12,16,-1,'2026-11-23 12:45:00');
/*!40000 ALTER TABLE `stock_movements` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `variants`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `variants` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) unsigned NOT NULL,
  `product_id` bigint(20) unsigned NOT NULL,
  `position` smallint(5) unsigned NOT NULL,
  `sku` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  `choices` longtext NOT NULL COMMENT 'JSON: one name for each option',
  `choices_digest` char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  `price_minor` bigint(20) DEFAULT NULL COMMENT 'null: as its choices or its product say',
  `sale_minor` bigint(20) DEFAULT NULL,
  `sale_from` datetime DEFAULT NULL,
  `sale_until` datetime DEFAULT NULL,
  `cost_minor` bigint(20) DEFAULT NULL,
  `weight_g` int(10) unsigned DEFAULT NULL,
  `stock` int(11) DEFAULT NULL COMMENT 'null: not tracked',
  `picture_id` bigint(20) unsigned DEFAULT NULL,
  `is_preselected` tinyint(1) DEFAULT NULL COMMENT '1 or null, so that a product has one at most',
  PRIMARY KEY (`id`),
  UNIQUE KEY `variants_shop_id_sku_unique` (`shop_id`,`sku`),
  UNIQUE KEY `variants_product_id_choices_digest_unique` (`product_id`,`choices_digest`),
  UNIQUE KEY `variants_product_id_id_unique` (`product_id`,`id`),
  UNIQUE KEY `variants_product_id_is_preselected_unique` (`product_id`,`is_preselected`),
  KEY `variants_shop_id_product_id_foreign` (`shop_id`,`product_id`),
  KEY `variants_picture_id_foreign` (`picture_id`),
  CONSTRAINT `variants_picture_id_foreign` FOREIGN KEY (`picture_id`) REFERENCES `pictures` (`id`) ON DELETE SET NULL,
  CONSTRAINT `variants_shop_id_product_id_foreign` FOREIGN KEY (`shop_id`, `product_id`) REFERENCES `products` (`shop_id`, `id`) ON DELETE CASCADE,
  CONSTRAINT `variants_price_not_negative` CHECK (`price_minor` >= 0),
  CONSTRAINT `variants_sale_within_price` CHECK (`sale_minor` is null or `price_minor` is not null and `sale_minor` between 0 and `price_minor`),
  CONSTRAINT `variants_cost_not_negative` CHECK (`cost_minor` >= 0),
  CONSTRAINT `variants_stock_not_negative` CHECK (`stock` >= 0),
  CONSTRAINT `variants_choices_are_json` CHECK (json_valid(`choices`)),
  CONSTRAINT `variants_preselected_or_null` CHECK (`is_preselected` = 1)
) ENGINE=InnoDB AUTO_INCREMENT=13 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `variants` WRITE;
/*!40000 ALTER TABLE `variants` DISABLE KEYS */;
INSERT INTO `variants` VALUES
(1,1,4,0,'wrap-s-plain','[\"Small\",\"Plain\"]','39157adf1073838cec393c82cc514562b50059766f4a165a7e0373951abaccb1',NULL,NULL,NULL,NULL,NULL,60,24,NULL,NULL),
(2,1,4,1,'wrap-s-clover','[\"Small\",\"Clover\"]','d7497ec66397994d4a4b540ec15149f76b2f7ba91506f711194d3b2cae7285b5',NULL,NULL,NULL,NULL,NULL,60,8,NULL,NULL),
(3,1,4,2,'wrap-s-foxglove','[\"Small\",\"Foxglove\"]','19e5d4d90f0016af7c4c442cb2ff5825dfef21bfba1dc715b83885ea05e23f13',NULL,NULL,NULL,NULL,NULL,60,4,NULL,NULL),
(4,1,4,3,'wrap-s-meadow','[\"Small\",\"Meadow\"]','f3653819b92f93bd0a1cadd66f97f6e660d1ac50874a49bac9c979b20bc96dfd',NULL,NULL,NULL,NULL,NULL,60,14,NULL,NULL),
(5,1,4,4,'wrap-m-plain','[\"Medium\",\"Plain\"]','f30f7738168a57b16c95f8509922d43f58dbb7b24c66e8a5cf862f6e2bf4c2a6',NULL,NULL,NULL,NULL,NULL,75,24,NULL,NULL),
(6,1,4,5,'wrap-m-clover','[\"Medium\",\"Clover\"]','b83b60dd5f478bac775b1ab529303a6bb0c2ef25136b198605f39dc8c30f07a3',NULL,NULL,NULL,NULL,NULL,75,9,NULL,1),
(7,1,4,6,'wrap-m-foxglove','[\"Medium\",\"Foxglove\"]','877095e30a7ed0a462f89f86408c04414cac82c602c98416f7b4c8f1b8718bba',NULL,NULL,NULL,NULL,NULL,75,0,NULL,NULL),
(8,1,4,7,'wrap-m-meadow','[\"Medium\",\"Meadow\"]','1755db520f7bdf3b0bd77b5fd089c8370c2c14d6c33912a7b8fbce6df8ce358f',NULL,NULL,NULL,NULL,NULL,75,14,NULL,NULL),
(9,1,4,8,'wrap-l-plain','[\"Large\",\"Plain\"]','2254323cee53c4a40254dd574cbb2ea2caf9aaf84e120d530052f04714b4381e',NULL,NULL,NULL,NULL,NULL,95,23,NULL,NULL),
(10,1,4,9,'wrap-l-clover','[\"Large\",\"Clover\"]','7f894c921486b6b0cbd29021f908d1882463416a96a505148d11cb68bd93ac57',NULL,NULL,NULL,NULL,NULL,95,8,NULL,NULL),
(11,1,4,10,'wrap-l-foxglove','[\"Large\",\"Foxglove\"]','5ae997bec7d894c715b6acabf24c2aa08ccfaad4a249760a344c25b488176a56',NULL,NULL,NULL,NULL,NULL,95,4,NULL,NULL),
(12,1,4,11,'wrap-l-meadow','[\"Large\",\"Meadow\"]','36784b283fd9317b18f62d449465ae5e9114e07da82d8dcd7e86b8e2118c06a2',NULL,NULL,NULL,NULL,NULL,95,14,NULL,NULL);
/*!40000 ALTER TABLE `variants` ENABLE KEYS */;
UNLOCK TABLES;
/*!40103 SET TIME_ZONE=@OLD_TIME_ZONE */;

/*!40101 SET SQL_MODE=@OLD_SQL_MODE */;
/*!40014 SET FOREIGN_KEY_CHECKS=@OLD_FOREIGN_KEY_CHECKS */;
/*!40014 SET UNIQUE_CHECKS=@OLD_UNIQUE_CHECKS */;
/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;

