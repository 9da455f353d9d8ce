import type { GlobalThemeOverrides } from 'naive-ui';
import { tokens } from './tokens';

const { radius, type } = tokens;

type Colours = Record<keyof typeof tokens.color, string>;

/** Naive UI in this house's clothes. */
export const themeOverrides = (color: Colours): GlobalThemeOverrides => ({
    common: {
        primaryColor: color.graphite,
        primaryColorHover: color.slate,
        primaryColorPressed: color.graphite,
        primaryColorSuppl: color.graphite,
        errorColor: color.refer,
        errorColorHover: color.refer,
        errorColorPressed: color.refer,
        warningColor: color.down,
        successColor: color.climb,
        infoColor: color.stay,
        bodyColor: color.paper,
        cardColor: color.card,
        modalColor: color.paper,
        popoverColor: color.card,
        borderColor: color.edge,
        dividerColor: color.line,
        textColorBase: color.graphite,
        textColor1: color.graphite,
        textColor2: color.graphite,
        textColor3: color.dust,
        placeholderColor: color.dust,
        placeholderColorDisabled: color.dust,
        borderRadius: radius.small,
        borderRadiusSmall: radius.small,
        fontFamily: type.text,
        fontFamilyMono: type.text,
        fontSize: type.base,
        fontSizeMedium: type.base,
        fontSizeLarge: type.base,
        heightMedium: tokens.dense,
        heightLarge: tokens.target,
        heightSmall: tokens.dense,
    },
    Button: {
        fontWeight: '600',
        textColor: color.graphite,
        border: `1px solid ${color.edge}`,
        color: color.card,
        colorHover: color.sunk,
        textColorPrimary: color.paper,
        textColorHoverPrimary: color.paper,
        textColorPressedPrimary: color.paper,
        textColorFocusPrimary: color.paper,
        textColorHover: color.graphite,
        textColorFocus: color.graphite,
        textColorPressed: color.graphite,
    },
    Input: { border: `1px solid ${color.edge}`, boxShadowFocus: `0 0 0 3px ${color.ply}`, color: color.card, colorFocus: color.card },
    Drawer: { color: color.paper, titleTextColor: color.graphite },
});
