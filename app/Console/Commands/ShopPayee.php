<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use Illuminate\Console\Command;

final class ShopPayee extends Command
{
    use ReadsText;

    protected $signature = 'shop:payee {slug} {account : The shop’s account at the payment provider}';

    protected $description = 'Sets the account that is paid';

    public function handle(): int
    {
        $slug = $this->text('slug');
        $account = $this->text('account');
        $shop = Shop::query()->where('slug', $slug)->first();
        if ($shop === null) {
            $this->error("No shop has the slug “{$slug}”.");

            return self::FAILURE;
        }
        if (preg_match('/\A[A-Za-z0-9._-]{1,64}\z/', $account) !== 1) {
            $this->error("“{$account}” can’t be an account; it has letters, digits and . _ - only, at most 64.");

            return self::FAILURE;
        }
        $shop->update(['payee' => $account]);
        $this->info("Payments to {$shop->name} now go to {$account}.");

        return self::SUCCESS;
    }
}
