<?php

declare(strict_types=1);

namespace PaperKite\Partner\Writing;

/** What stands in the titles of marketplaces and says nothing of the goods, in English and German. */
final class Litter
{
    /** Praise and address, to be dropped wherever they stand; in small letters. */
    public const PRAISE = [
        'new', 'original', 'genuine', 'authentic', 'official', 'premium', 'deluxe', 'luxury', 'professional', 'pro', 'best', 'top', 'super', 'ultra', 'extra', 'upgraded', 'improved', 'quality', 'high-quality', 'heavy-duty', 'bestseller', 'sale', 'deal', 'hot', 'amazing', 'perfect', 'ideal', 'great', 'gift', 'edition', 'version', 'model', 'series',
        'neu', 'neue', 'neuer', 'neues', 'echt', 'echte', 'echter', 'echtes', 'originale', 'offiziell', 'luxus', 'profi', 'professionell', 'professionelle', 'beste', 'bester', 'bestes', 'hochwertig', 'hochwertige', 'hochwertiger', 'hochwertiges', 'qualität', 'verbessert', 'verbesserte', 'angebot', 'ideale', 'idealer', 'perfekte', 'perfekter', 'geschenk', 'geschenkidee', 'ausgabe', 'modell', 'serie', 'top-qualität',
    ];

    /** With these what is told besides begins: the noun stands before. */
    public const AFTERWARDS = [
        'for', 'with', 'without', 'by', 'from', 'including', 'incl', 'plus', 'suitable', 'compatible', 'made', 'featuring', 'ideal', 'perfect', 'and',
        'für', 'mit', 'ohne', 'von', 'aus', 'inkl', 'inklusive', 'samt', 'passend', 'geeignet', 'kompatibel', 'zum', 'zur', 'im', 'und', 'als',
    ];

    private const UNIT = '(?:ml|cl|dl|l|ltr|liters?|litres?|liter|g|gr|kg|mg|oz|lbs?|mm|cm|dm|m|km|in|inch(?:es)?|ft|zoll|"|″|”|v|volt|w|watt|kw|ah|mah|wh|lm|lumen|hz|gb|tb|mb|°c|°f|%)';

    /** Sizes, pack counts and years, each as a whole; `u`, `i`. */
    public const MEASURES = [
        // 30 x 20 x 12 cm, 9 l, 1,5 Liter, 12-inch
        '/(?<![\p{L}\p{N}])(?:[øØ]\s*)?\d+(?:[.,\/]\d+)?(?:\s*[x×*]\s*\d+(?:[.,]\d+)?)*[\s-]*'.self::UNIT.'(?![\p{L}\p{N}])/iu',
        // 30 x 20
        '/(?<![\p{L}\p{N}])\d+(?:[.,]\d+)?(?:\s*[x×]\s*\d+(?:[.,]\d+)?)+(?![\p{L}\p{N}])/iu',
        // Pack of 2, set of 6, 2er-Set, 3-pack, 4 pcs, 6 Stück, 2x
        '/(?<![\p{L}\p{N}])(?:pack|set|box|lot|bundle|packung)\s+(?:of|mit|von|à|a)\s+\d+(?![\p{L}\p{N}])/iu',
        '/(?<![\p{L}\p{N}])\d+\s*(?:er)?[\s-]*(?:packs?|sets?|pcs?|pieces?|piece|count|ct|pairs?|stücke?|stk|teilig|teile|tlg|paar|packung|rolls?|rollen)(?:[\s-]+set)?(?![\p{L}\p{N}])/iu',
        '/(?<![\p{L}\p{N}])(?:\d+\s*[x×]|[x×]\s*\d+)(?![\p{L}\p{N}])/iu',
        '/(?<![\p{L}\p{N}-])(?:19|20)\d{2}(?![\p{L}\p{N}-])/u',
    ];

    /** What stands in brackets tells something besides. */
    public const BRACKETS = '/\([^()]*\)|\[[^\[\]]*\]|\{[^{}]*\}|【[^【】]*】/u';

    /** At these a title begins anew. */
    public const PARTS = '/\s+[-–—|\/•·~]+\s+|\s*[,;:|•·!]+\s+|\s*\|\s*|\s+[-–—]\s*$/u';
}
