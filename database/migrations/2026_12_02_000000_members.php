<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Who works in the channels of others, who is asked to, and where somebody is signed in. */
    public function up(): void
    {
        if (! Schema::hasTable('members')) {
            Schema::create('members', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
                $table->foreignId('user_id')->constrained()->cascadeOnDelete();
                $table->string('role', 10);
                $table->timestamps();
                $table->unique(['channel_id', 'user_id']);
                $table->index('user_id');
            });
        }
        if (! Schema::hasTable('invitations')) {
            Schema::create('invitations', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
                $table->string('role', 10);
                $table->string('token', 64)->unique();
                $table->integer('ends_at');
                $table->timestamps();
            });
        }
        if (! Schema::hasTable('sign_ins')) {
            Schema::create('sign_ins', static function (Blueprint $table): void {
                $table->id();
                $table->foreignId('user_id')->constrained()->cascadeOnDelete();
                $table->string('address', 60);
                $table->string('with', 200);
                $table->integer('seen_at');
                $table->boolean('ended')->default(false);
                $table->timestamps();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('sign_ins');
        Schema::dropIfExists('invitations');
        Schema::dropIfExists('members');
    }
};
