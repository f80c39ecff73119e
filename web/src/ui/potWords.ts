/** Shapes and materials of pots, as they are picked from lists. */
export const SHAPES = ['STANDARD', 'DEEP', 'SHALLOW', 'BOWL', 'SQUARE', 'TROUGH', 'URN'];
export const MATERIALS = ['PLASTIC', 'TERRACOTTA', 'GLAZED', 'FIBRE', 'METAL', 'WOOD', 'CONCRETE', 'FABRIC'];
