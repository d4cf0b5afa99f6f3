<?php

declare(strict_types=1);

namespace App\GiftCards;

use App\Models\DerivedSecret;
use App\Models\GiftCard;
use App\Models\Shop;
use Illuminate\Cache\RateLimiter;
use PaperKite\GiftCard\CardCode;
use Random\Randomizer;

/** The card of a code that somebody typed. Whether a code is wrong, of a card that is empty, or of one that was ended, takes the same work and is not told apart. */
final readonly class FindCard
{
    private const TRIES_PER_OWNER = 10;

    private const TRIES_PER_ADDRESS = 40;

    private const SECONDS = 600;

    public function __construct(
        private CodeKey $codeKey,
        private RateLimiter $limiter,
    ) {}

    /**
     * @param  string|null  $owner  digest of whose cart it is; `null` where there is none
     * @param  string  $address  digest of whence it is tried
     *
     * @throws TooManyTries
     */
    public function __invoke(Shop $shop, string $typed, ?string $owner, string $address): ?GiftCard
    {
        $this->mayTry($owner, $address);
        // What is no code is looked up all the same, as one that nobody has.
        $code = CardCode::read(mb_substr(mb_scrub($typed, 'UTF-8'), 0, 100)) ?? CardCode::random(new Randomizer);
        $card = GiftCard::query()->where(['shop_id' => $shop->id, 'digest' => $this->codeKey->of($code)])->first();

        return $card?->state()->isAlive() === true && $card->currency === $shop->currency ? $card : null;
    }

    public function byPage(Shop $shop, string $secret): ?GiftCard
    {
        return GiftCard::query()->where(['shop_id' => $shop->id, 'page_digest' => DerivedSecret::digest($secret)])->first();
    }

    /** @throws TooManyTries */
    private function mayTry(?string $owner, string $address): void
    {
        $limits = ["card-address-{$address}" => self::TRIES_PER_ADDRESS] + ($owner === null ? [] : ["card-owner-{$owner}" => self::TRIES_PER_OWNER]);
        foreach ($limits as $key => $most) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                throw new TooManyTries;
            }
        }
        foreach (array_keys($limits) as $key) {
            $this->limiter->hit($key, self::SECONDS);
        }
    }
}
