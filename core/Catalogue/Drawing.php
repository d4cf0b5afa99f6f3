<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** The drawings that ship with Paper Kite, one of which is a product's picture. */
enum Drawing: string
{
    case HoneyJar = 'honey-jar';
    case SmallJar = 'small-jar';
    case TallCandle = 'tall-candle';
    case FoodWrap = 'food-wrap';
    case Hive = 'hive';
    case Soap = 'soap';
    case Hedgerow = 'hedgerow';
    case Skep = 'skep';
    case Lantern = 'lantern';
    case Blanket = 'blanket';
    case WateringCan = 'watering-can';
    case Parcel = 'parcel';
    case GiftCard = 'gift-card';
    case Kite = 'kite';

    /** In px, of the PNG that is made of each. */
    public const SHARED_SIDE = 800;

    /** What the drawing shows, as its alternative text. */
    public function label(): string
    {
        return match ($this) {
            self::HoneyJar => 'A tall jar of honey',
            self::SmallJar => 'A small jar of honey',
            self::TallCandle => 'A tall candle, lit',
            self::FoodWrap => 'A folded beeswax wrap',
            self::Hive => 'A wooden hive',
            self::Soap => 'A bar of soap',
            self::Hedgerow => 'A hedgerow in flower, with bees',
            self::Skep => 'A straw skep on a bench',
            self::Lantern => 'A storm lantern, lit',
            self::Blanket => 'A folded wool blanket',
            self::WateringCan => 'A watering can',
            self::Parcel => 'A parcel tied with string',
            self::GiftCard => 'A card with a bow, in an envelope',
            self::Kite => 'A kite',
        };
    }

    public function path(): string
    {
        return "/drawings/{$this->value}.svg";
    }

    /** Of the PNG, for programs that show no SVG beside a link. */
    public function sharedPath(): string
    {
        return "/drawings/{$this->value}.png";
    }
}
