<?php

declare(strict_types=1);

namespace App\Erasing;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\PaymentState;
use App\Models\Picture;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;

/** Erases what nobody needs any longer. What an order holds stays: tax law asks for it. */
final readonly class Erase
{
    private const CHECKOUT_DAYS = 30;

    private const WISH_DAYS = 365;

    private const LINK_DAYS = 1;

    /** For so long something that was taken out of a form, or was never saved, can come back. */
    private const PICTURE_DAYS = 30;

    private const ANSWER_DAYS = 1;

    private const ROWS_AT_ONCE = 500;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private string $pictures,
        private int $sessionMinutes,
    ) {}

    /** @return array<string, int> how many of each, by what they are called */
    public function __invoke(): array
    {
        $now = $this->clock->now();

        return [
            'names and addresses of checkouts that came to nothing' => $this->shoppers($now->subDays(self::CHECKOUT_DAYS)),
            'mailed links' => array_sum(array_map(fn (string $links): int => $this->db->table($links)->where('expires_at', '<', $now->subDays(self::LINK_DAYS))->delete(), ['shopper_links', 'password_links', 'invitations'])),
            'shoppers’ sessions' => $this->db->table('shopper_sessions')->where('expires_at', '<', $now)->delete(),
            // The console's sessions are on the machine's clock, which moving the demo on leaves alone.
            'sellers’ sessions' => $this->db->table('sessions')->where('last_activity', '<', CarbonImmutable::createFromTimestampUTC($now->getTimestamp() - $this->clock->offset())->subMinutes($this->sessionMinutes)->getTimestamp())->delete(),
            'wishes to be told that something is back' => $this->db->table('stock_wishes')->where('asked_at', '<', $now->subDays(self::WISH_DAYS))->orWhere('told_at', '<', $now->subDays(self::CHECKOUT_DAYS))->orWhere('ended_at', '<', $now->subDays(self::CHECKOUT_DAYS))->delete(),
            'answers that were given' => $this->db->table('acts_done')->where('at', '<', $now->subDays(self::ANSWER_DAYS))->delete(),
            'pictures that belong to nothing' => $this->pictures($now->subDays(self::PICTURE_DAYS)),
        ];
    }

    private function shoppers(CarbonImmutable $before): int
    {
        $erased = 0;
        $unfinished = Checkout::query()->where('state', '<>', CheckoutState::Ordered)
            ->whereDoesntHave('payments', static fn (Builder $payments) => $payments->where('state', PaymentState::Open))
            ->where('created_at', '<', $before);
        $unfinished->whereRaw("JSON_VALUE(bill, '$.shopper.email') <> ''");
        $unfinished->chunkById(self::ROWS_AT_ONCE, static function ($checkouts) use (&$erased): void {
            foreach ($checkouts as $checkout) {
                $checkout->update(['bill' => $checkout->bill->forgotten()]);
                $erased++;
            }
        });

        return $erased;
    }

    private function pictures(CarbonImmutable $before): int
    {
        $erased = 0;
        Picture::query()->whereNull('product_id')->where('is_kept', false)->where('free_since', '<', $before)->chunkById(self::ROWS_AT_ONCE, function ($pictures) use (&$erased): void {
            // An order goes on showing what was bought.
            $ordered = $this->db->table('order_lines')->whereIn('picture', $pictures->map(static fn (Picture $picture): string => $picture->path())->all())->pluck('picture')->all();
            foreach ($pictures->reject(static fn (Picture $picture): bool => in_array($picture->path(), $ordered, true)) as $picture) {
                $picture->delete();
                array_map(fn (string $name): bool => @unlink("{$this->pictures}/{$name}"), $picture->files()->all());
                $erased++;
            }
        });

        return $erased;
    }
}
