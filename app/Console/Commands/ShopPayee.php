<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use Illuminate\Console\Command;
use PaperKite\Text\AccountName;
use PaperKite\Text\InvalidName;

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
        try {
            $account = AccountName::of($account)->text;
        } catch (InvalidName $invalid) {
            $this->error($invalid->getMessage());

            return self::FAILURE;
        }
        $shop->update(['payee' => $account]);
        $this->info("Payments to {$shop->name} now go to {$account}.");

        return self::SUCCESS;
    }
}
