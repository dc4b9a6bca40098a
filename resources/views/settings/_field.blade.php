<x-setting-input :$setting :value="$setting->default"/>
