<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('jobs', function (Blueprint $table) {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('name');
            $table->string('place')->default('');
            $table->string('zone')->default('UTC');
            $table->timestamp('created_at');
        });

        Schema::create('plan_revisions', function (Blueprint $table) {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->unsignedInteger('number');
            $table->json('plan');
            $table->string('reason');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('created_at');
            $table->unique(['job_id', 'number']);
        });

        Schema::create('entries', function (Blueprint $table) {
            $table->id('sequence');
            $table->foreignId('job_id')->constrained();
            $table->string('client_id', 40);
            $table->string('kind', 20);
            $table->string('post', 20)->nullable();
            $table->string('other_post', 20)->nullable();
            $table->unsignedInteger('payload_version');
            $table->json('payload');
            $table->unsignedInteger('plan_revision');
            $table->timestamp('measured_at');
            $table->timestamp('recorded_at');
            $table->string('zone');
            $table->foreignId('user_id')->constrained();
            $table->string('read_by')->default('');
            $table->unsignedBigInteger('replaces_id')->nullable()->unique();
            $table->foreign('replaces_id')->references('sequence')->on('entries');
            $table->unique(['job_id', 'client_id']);
            $table->index(['job_id', 'sequence']);
        });

        Schema::create('read_cautions', function (Blueprint $table) {
            $table->foreignId('user_id')->constrained();
            $table->string('caution', 40);
            $table->timestamp('read_at');
            $table->primary(['user_id', 'caution']);
        });

        // What was recorded is never changed and never lost: the database itself refuses.
        foreach (['entries' => 'The logbook', 'plan_revisions' => 'The list of plan revisions'] as $table => $book) {
            foreach (['UPDATE', 'DELETE'] as $act) {
                DB::unprepared(
                    "CREATE TRIGGER {$table}_no_".strtolower($act)." BEFORE {$act} ON {$table} BEGIN SELECT RAISE(ABORT, '{$book} only grows.'); END",
                );
            }
        }
    }
};
