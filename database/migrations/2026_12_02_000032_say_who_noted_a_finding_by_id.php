<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    /** A name is what somebody is called now: a person who is renamed bears the new one in earlier findings too. */
    public function up(): void
    {
        DB::statement('update findings set noted_by = (select marks.staff_id from marks where marks.id = findings.id)
            where exists (select 1 from marks where marks.id = findings.id)');
    }
};
